<?php

declare(strict_types=1);

namespace App\Risk;

use App\Team\User;

final class ExposurePolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    public function compute(User $user): bool
    {
        return $user->plans();
    }
}
