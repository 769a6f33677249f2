<?php

declare(strict_types=1);

namespace App\Build;

use App\Systems\Assignments;
use App\Team\User;
use Velbrin\Core\Build\StageGate;

final class PassedStagePolicy
{
    public function __construct(private readonly Assignments $assigned)
    {
    }

    /** Whoever does the work there proves it; waiving is the planner's and the owner's. */
    public function create(User $user, PlanVersion $version, string $by): bool
    {
        return $version->accepted_at !== null && ($user->plans() || ($by !== StageGate::WAIVER && $this->works($user, $version)));
    }

    public function delete(User $user, PassedStage $passed): bool
    {
        return $user->plans();
    }

    private function works(User $user, PlanVersion $version): bool
    {
        return $user->isStaff() && $this->assigned->atPlace($user, $version->siteId());
    }
}
