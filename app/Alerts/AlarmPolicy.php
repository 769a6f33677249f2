<?php

declare(strict_types=1);

namespace App\Alerts;

use App\Team\User;

final class AlarmPolicy
{
    public function update(User $user, Alarm $alarm): bool
    {
        return $alarm->system !== null && $user->can('record', $alarm->system);
    }
}
