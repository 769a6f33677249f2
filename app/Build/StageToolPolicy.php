<?php

declare(strict_types=1);

namespace App\Build;

use App\Systems\Assignments;
use App\Team\User;

final class StageToolPolicy
{
    public function __construct(private readonly Assignments $assigned)
    {
    }

    public function viewAny(User $user): bool
    {
        return $user->plans();
    }

    /** Whoever stood there without it says so. */
    public function miss(User $user, PlanVersion $version): bool
    {
        return $user->plans() || ($user->isStaff() && $this->assigned->atPlace($user, $version->siteId()));
    }

    public function update(User $user): bool
    {
        return $user->plans();
    }
}
