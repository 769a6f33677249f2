<?php

declare(strict_types=1);

namespace App\Clients;

use App\Team\User;

final class RoomPolicy
{
    public function view(User $user, Room $room): bool
    {
        return $user->isStaff();
    }

    public function update(User $user, Room $room): bool
    {
        return $user->plans();
    }
}
