<?php

declare(strict_types=1);

namespace App\Systems;

use App\Team\User;

final class OpenRipplePolicy
{
    public function update(User $user, OpenRipple $ripple): bool
    {
        return $ripple->system !== null && $user->can('record', $ripple->system);
    }
}
