<?php

declare(strict_types=1);

namespace App\Clients;

use App\Team\User;

final class PassagePolicy
{
    public function update(User $user, Passage $passage): bool
    {
        return $user->plans();
    }
}
