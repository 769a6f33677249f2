<?php

declare(strict_types=1);

namespace App\Control;

use App\Team\User;

final class StandardSetUpPolicy
{
    public function view(User $user, StandardSetUp $standard): bool
    {
        return $user->isStaff();
    }

    public function create(User $user): bool
    {
        return $user->plans();
    }

    public function archive(User $user, StandardSetUp $standard): bool
    {
        return $user->plans() && ! $standard->isArchived();
    }
}
