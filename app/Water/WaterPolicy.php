<?php

declare(strict_types=1);

namespace App\Water;

use App\Team\User;

final class WaterPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    public function create(User $user): bool
    {
        return $user->plans();
    }

    public function update(User $user, Depot|SaltMix|WaterBooking|WaterBatch $record): bool
    {
        return $user->plans();
    }

    /** Mixing and measuring is done by whoever stands at the vessel. */
    public function mix(User $user): bool
    {
        return $user->isStaff();
    }
}
