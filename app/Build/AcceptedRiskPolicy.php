<?php

declare(strict_types=1);

namespace App\Build;

use App\Team\User;

final class AcceptedRiskPolicy
{
    public function create(User $user, PlanVersion $version): bool
    {
        return $user->plans();
    }
}
