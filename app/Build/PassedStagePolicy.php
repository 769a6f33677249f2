<?php

declare(strict_types=1);

namespace App\Build;

use App\Team\User;
use Velbrin\Core\Build\StageGate;

final class PassedStagePolicy
{
    /** Whoever does the work proves it; waiving is the planner's and the owner's. */
    public function create(User $user, PlanVersion $version, string $by): bool
    {
        return $version->accepted_at !== null && ($user->plans() || ($user->isStaff() && $by !== StageGate::WAIVER));
    }

    public function delete(User $user, PassedStage $passed): bool
    {
        return $user->plans();
    }
}
