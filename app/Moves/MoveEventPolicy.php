<?php

declare(strict_types=1);

namespace App\Moves;

use App\Team\User;

final class MoveEventPolicy
{
    public function view(User $user, MoveEvent $event): bool
    {
        return $user->isStaff();
    }
}
