<?php

declare(strict_types=1);

namespace App\Build;

use App\Team\User;

final class StageToolPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->plans();
    }

    /** Whoever stood there without it says so. */
    public function miss(User $user): bool
    {
        return $user->isStaff();
    }

    public function update(User $user): bool
    {
        return $user->plans();
    }
}
