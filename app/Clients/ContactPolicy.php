<?php

declare(strict_types=1);

namespace App\Clients;

use App\Team\User;

final class ContactPolicy
{
    public function view(User $user, Contact $contact): bool
    {
        return $user->isStaff();
    }

    public function update(User $user, Contact $contact): bool
    {
        return $user->plans();
    }
}
