<?php

declare(strict_types=1);

namespace App\Moves\Works;

use App\Team\User;

final class WorkMarkPolicy
{
    public function update(User $user, WorkMark $mark): bool
    {
        return $mark->taken_back_at === null && $mark->work !== null && $user->can('record', $mark->work);
    }
}
