<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\User;

final class TrialPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    public function view(User $user, Trial $record): bool
    {
        return $user->isStaff();
    }

    public function update(User $user, Trial $record): bool
    {
        return $record->system !== null && $user->can('record', $record->system);
    }
}
