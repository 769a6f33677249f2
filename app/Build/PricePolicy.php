<?php

declare(strict_types=1);

namespace App\Build;

use App\Team\User;

final class PricePolicy
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
