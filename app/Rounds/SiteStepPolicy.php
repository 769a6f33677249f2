<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\User;

/** Whoever works there knows it best: all staff write these. */
final class SiteStepPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    public function create(User $user): bool
    {
        return $user->isStaff();
    }

    public function update(User $user, SiteStep $record): bool
    {
        return $user->isStaff();
    }
}
