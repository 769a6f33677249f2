<?php

declare(strict_types=1);

namespace App\Systems;

use App\Team\User;

final class VesselPolicy
{
    public function view(User $user, Vessel $record): bool
    {
        return $record->system !== null && $user->can('view', $record->system);
    }

    public function update(User $user, Vessel $record): bool
    {
        return $record->system !== null && $user->can('update', $record->system);
    }
}
