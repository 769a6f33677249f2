<?php

declare(strict_types=1);

namespace App\Moves\Kit;

use App\Team\User;

/** Staff read what is taken along; planners say it. */
final class OwnLinePolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    public function create(User $user): bool
    {
        return $user->plans();
    }

    public function archive(User $user, OwnLine $line): bool
    {
        return $user->plans() && ! $line->isArchived();
    }
}
