<?php

declare(strict_types=1);

namespace App\Systems;

use App\Team\User;

final class HouseLimitPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->plans();
    }

    public function update(User $user): bool
    {
        return $user->plans();
    }
}
