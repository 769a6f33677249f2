<?php

declare(strict_types=1);

namespace App\Control;

use App\Clients\Site;
use App\Systems\Assignments;
use App\Systems\System;
use App\Team\User;
use Illuminate\Auth\Access\Response;

/** Staff read; whoever works at the place writes; a planner sets a set-up to work. */
final class SitePartPolicy
{
    public function __construct(private readonly Assignments $assignments)
    {
    }

    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    public function view(User $user, SitePart $part): bool
    {
        return $user->isStaff();
    }

    public function update(User $user, SitePart $part): Response
    {
        return match (true) {
            ! $user->isStaff() || $part->isArchived() => Response::deny(),
            $this->mayAt($user, $part->siteId()) => Response::allow(),
            default => Response::deny('This place is not on your round. Start a call-out, or ask the office for a visit.'),
        };
    }

    public function createAt(User $user, Site $site): bool
    {
        return $user->isStaff() && ! $site->isArchived() && $this->mayAt($user, $site->id);
    }

    public function activate(User $user, SitePart $part): bool
    {
        return $user->plans() && ! $part->isArchived();
    }

    private function mayAt(User $user, int $siteId): bool
    {
        if ($user->plans()) {
            return true;
        }
        foreach (System::query()->current()->where('site_id', $siteId)->get() as $system) {
            if ($this->assignments->has($user, $system)) {
                return true;
            }
        }

        return false;
    }
}
