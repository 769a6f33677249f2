<?php

declare(strict_types=1);

namespace App\Build;

use App\Team\User;

final class WaiverPolicy
{
    public function create(User $user): bool
    {
        return $user->plans();
    }
}
