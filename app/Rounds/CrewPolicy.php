<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\User;

final class CrewPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    public function create(User $user): bool
    {
        return $user->plans();
    }

    public function update(User $user, Crew|Vehicle $record): bool
    {
        return $user->plans();
    }
}
