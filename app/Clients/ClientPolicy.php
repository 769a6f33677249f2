<?php

declare(strict_types=1);

namespace App\Clients;

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

    public function update(User $user, Client $client): bool
    {
        return $user->plans();
    }
}
