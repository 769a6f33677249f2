<?php

declare(strict_types=1);

namespace App\Stores;

use App\Team\User;

/** Everybody of ours sees what lies where and writes down what they take; what is kept at all is the office's. */
final class StorePolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    public function move(User $user): bool
    {
        return $user->isStaff();
    }

    public function keep(User $user): bool
    {
        return $user->plans();
    }
}
