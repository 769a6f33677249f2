<?php

declare(strict_types=1);

namespace App\Clients;

use App\Team\User;

/** The office gives and takes back; whoever holds one writes down what they do with it. */
final class RemoteAccessPolicy
{
    public function update(User $user, RemoteAccess $access): bool
    {
        return $user->plans();
    }

    public function act(User $user, RemoteAccess $access): bool
    {
        return $access->withdrawn_on === null && $user->isStaff() && ($access->user_id === $user->id || $user->plans());
    }
}
