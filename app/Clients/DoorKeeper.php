<?php

declare(strict_types=1);

namespace App\Clients;

use App\Team\User;

/** Who may see a door code just now beside those who plan; the room that plans visits knows. */
interface DoorKeeper
{
    public function mayOpen(User $user, Site $site): bool;
}
