<?php

declare(strict_types=1);

namespace App\Systems;

use App\Team\User;

final class OwnParameterPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->plans();
    }

    public function create(User $user): bool
    {
        return $user->plans();
    }

    public function update(User $user, OwnParameter $parameter): bool
    {
        return $user->plans();
    }
}
