<?php

declare(strict_types=1);

namespace App\Systems;

use App\Team\User;

final class ProductPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->plans();
    }

    public function create(User $user): bool
    {
        return $user->plans();
    }

    public function update(User $user, Product $product): bool
    {
        return $user->plans();
    }
}
