<?php

declare(strict_types=1);

namespace App\Clients;

use App\Team\Role;
use App\Team\User;

final class ClientPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    public function view(User $user, Client $client): bool
    {
        return $user->isStaff() || $user->client_id === $client->id;
    }

    public function create(User $user): bool
    {
        return $user->plans();
    }

    /** Everything at once, as a file or for good: the owner's. */
    public function takeOut(User $user, Client $client): bool
    {
        return $user->role === Role::Owner;
    }

    public function update(User $user, Client $client): bool
    {
        return $user->plans();
    }
}
