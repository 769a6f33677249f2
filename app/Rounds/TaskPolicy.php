<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\User;

final class TaskPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    public function update(User $user, Task $task): bool
    {
        return $user->plans();
    }
}
