<?php

declare(strict_types=1);

namespace App\Team;

final class UserPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role === Role::Owner;
    }

    public function create(User $user): bool
    {
        return $user->role === Role::Owner;
    }

    public function update(User $user, User $other): bool
    {
        return $user->role === Role::Owner;
    }
}
