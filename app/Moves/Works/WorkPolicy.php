<?php

declare(strict_types=1);

namespace App\Moves\Works;

use App\Team\User;

/** Staff read; planners begin and end a work; whoever may write in the system's record says how far it is. */
final class WorkPolicy
{
    public function view(User $user, Work $work): bool
    {
        return $user->isStaff();
    }

    public function update(User $user, Work $work): bool
    {
        return $user->plans() && $work->ended_at === null;
    }

    public function record(User $user, Work $work): bool
    {
        return $work->ended_at === null && $work->system !== null && $user->can('record', $work->system);
    }
}
