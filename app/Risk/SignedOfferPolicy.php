<?php

declare(strict_types=1);

namespace App\Risk;

use App\Systems\System;
use App\Team\User;

/** Whoever may change a system may write down what its owner signed. */
final class SignedOfferPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->plans();
    }

    public function create(User $user, System $system): bool
    {
        return $user->can('update', $system);
    }
}
