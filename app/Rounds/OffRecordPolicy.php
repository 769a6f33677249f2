<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\User;

final class OffRecordPolicy
{
    /** Whatever is off may be switched on again by whoever stands there. */
    public function update(User $user, OffRecord $off): bool
    {
        return $off->system !== null && $user->can('record', $off->system);
    }
}
