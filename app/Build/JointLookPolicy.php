<?php

declare(strict_types=1);

namespace App\Build;

use App\Systems\Assignments;
use App\Team\User;

final class JointLookPolicy
{
    public function __construct(private readonly Assignments $assigned)
    {
    }

    /** Whoever works there looks. */
    public function create(User $user, PlanVersion $version): bool
    {
        return $version->accepted_at !== null
            && ($user->plans() || ($user->isStaff() && $this->assigned->atPlace($user, $version->siteId())));
    }
}
