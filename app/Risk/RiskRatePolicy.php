<?php

declare(strict_types=1);

namespace App\Risk;

use App\Team\User;

final class RiskRatePolicy
{
    public function viewAny(User $user): bool
    {
        return $user->plans();
    }

    public function update(User $user): bool
    {
        return $user->plans();
    }
}
