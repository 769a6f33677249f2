<?php

declare(strict_types=1);

namespace App\Systems;

use App\Team\User;
use Illuminate\Auth\Access\Response;

final class SystemPolicy
{
    public function __construct(private readonly Assignments $assignments)
    {
    }

    public function viewAny(User $user): bool
    {
        return true;
    }

    public function view(User $user, System $system): bool
    {
        return $user->isStaff() || $system->site?->client_id === $user->client_id;
    }

    /** Findings, standing notes, register and log are for us. */
    public function viewWorking(User $user, System $system): bool
    {
        return $user->isStaff();
    }

    public function create(User $user): bool
    {
        return $user->plans();
    }

    public function update(User $user, System $system): bool
    {
        return $user->plans() && ! $system->isArchived();
    }

    /** Readings, notes, log lines and the register are written where the work is done, by whoever does it. */
    public function record(User $user, System $system): Response
    {
        return match (true) {
            ! $user->isStaff() || $system->isArchived() => Response::deny(),
            $user->plans(), $this->assignments->has($user, $system) => Response::allow(),
            default => Response::deny('This system is not on your round. Start a call-out, or ask the office for a visit.'),
        };
    }

    /** Whoever is told that something is wrong drives out, whoever usually goes there. */
    public function callOut(User $user, System $system): bool
    {
        return $user->isStaff() && ! $system->isArchived();
    }
}
