<?php

declare(strict_types=1);

namespace App\Systems;

use App\Team\User;

final class MaterialPolicy
{
    public function view(User $user, Material $material): bool
    {
        return $material->system !== null && $user->can('view', $material->system);
    }

    public function update(User $user, Material $material): bool
    {
        return $material->system !== null && $user->can('record', $material->system);
    }
}
