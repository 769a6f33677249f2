<?php

declare(strict_types=1);

namespace App\Build;

use App\Team\User;

final class ConsentPolicy
{
    public function create(User $user, PlanVersion $version): bool
    {
        return $user->plans();
    }

    public function give(User $user, Consent $consent): bool
    {
        return $user->plans();
    }

    public function delete(User $user, Consent $consent): bool
    {
        return $user->plans() && $consent->given_on === null;
    }
}
