<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Team\User;

/** An emergency is led by whoever of ours stands there; the office closes it. */
final class IncidentPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    public function view(User $user): bool
    {
        return $user->isStaff();
    }

    public function create(User $user): bool
    {
        return $user->isStaff();
    }

    public function record(User $user): bool
    {
        return $user->isStaff();
    }

    public function close(User $user): bool
    {
        return $user->plans();
    }
}
