<?php

declare(strict_types=1);

namespace App\Build;

use App\Team\User;

final class LampTypePolicy
{
    public function viewAny(User $user): bool
    {
        return $user->plans();
    }

    public function create(User $user): bool
    {
        return $user->plans();
    }

    public function update(User $user, LampType $lamp): bool
    {
        return $user->plans();
    }
}
