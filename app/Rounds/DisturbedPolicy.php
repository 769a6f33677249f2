<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\User;

final class DisturbedPolicy
{
    public function view(User $user, Disturbed $disturbed): bool
    {
        return $user->isStaff();
    }

    /** It is over earlier: whoever may write on the system says so. */
    public function end(User $user, Disturbed $disturbed): bool
    {
        return $disturbed->ended_at === null && $disturbed->system !== null && $user->can('record', $disturbed->system);
    }
}
