<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\User;

final class SandProfilePolicy
{
    public function view(User $user, SandProfile $profile): bool
    {
        return $user->isStaff();
    }
}
