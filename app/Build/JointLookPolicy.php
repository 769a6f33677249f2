<?php

declare(strict_types=1);

namespace App\Build;

use App\Team\User;

final class JointLookPolicy
{
    public function create(User $user, PlanVersion $version): bool
    {
        return $version->accepted_at !== null && $user->isStaff();
    }
}
