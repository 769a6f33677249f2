<?php

declare(strict_types=1);

namespace App\Team;

final class RosterPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    public function create(User $user): bool
    {
        return $user->plans();
    }

    public function update(User $user, OnCall|Absence|Holiday $record): bool
    {
        return $user->plans();
    }
}
