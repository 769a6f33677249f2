<?php

declare(strict_types=1);

namespace App\Build;

use App\Team\User;

final class StageFirmPolicy
{
    public function update(User $user): bool
    {
        return $user->plans();
    }
}
