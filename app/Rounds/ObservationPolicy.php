<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\User;

final class ObservationPolicy
{
    public function view(User $user, Observation $observation): bool
    {
        return $user->isStaff();
    }
}
