<?php

declare(strict_types=1);

namespace App\Systems;

use App\Team\User;

final class SystemPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function view(User $user, System $system): bool
    {
        return $user->isStaff() || $system->site?->client_id === $user->client_id;
    }

    /** Findings, standing notes, register and log are for us. */
    public function viewWorking(User $user, System $system): bool
    {
        return $user->isStaff();
    }

    public function create(User $user): bool
    {
        return $user->plans();
    }

    public function update(User $user, System $system): bool
    {
        return $user->plans() && ! $system->isArchived();
    }

    /** Readings, notes, log lines and the register are written where the work is done. */
    public function record(User $user, System $system): bool
    {
        return $user->isStaff() && ! $system->isArchived();
    }
}
