<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Team\User;

/** Everybody of ours reads what comes; the office writes it down. */
final class AreaEventPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    public function create(User $user): bool
    {
        return $user->plans();
    }

    public function update(User $user): bool
    {
        return $user->plans();
    }
}
