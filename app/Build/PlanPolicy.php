<?php

declare(strict_types=1);

namespace App\Build;

use App\Team\User;

final class PlanPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    public function view(User $user, Plan $plan): bool
    {
        return $user->isStaff();
    }

    public function create(User $user): bool
    {
        return $user->plans();
    }

    public function update(User $user, Plan $plan): bool
    {
        return $user->plans() && ! $plan->isArchived();
    }
}
