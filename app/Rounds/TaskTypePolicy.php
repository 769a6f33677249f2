<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\User;

final class TaskTypePolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    public function create(User $user): bool
    {
        return $user->plans();
    }

    public function update(User $user, TaskType $record): bool
    {
        return $user->plans();
    }
}
