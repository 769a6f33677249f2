<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Clients\Site;
use App\Team\User;

/** Whoever works there knows it best: all staff write these. */
final class SiteStepPolicy
{
    public function __construct(private readonly AssignedSystems $assigned)
    {
    }

    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    public function create(User $user, Site $site): bool
    {
        return $this->goesThere($user, $site->id);
    }

    public function update(User $user, SiteStep $record): bool
    {
        return $this->goesThere($user, $record->site_id);
    }

    private function goesThere(User $user, int $siteId): bool
    {
        return $user->plans() || ($user->isStaff() && $this->assigned->hasPlace($user, $siteId));
    }
}
