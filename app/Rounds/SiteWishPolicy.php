<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\User;

final class SiteWishPolicy
{
    public function create(User $user): bool
    {
        return $user->plans();
    }

    public function release(User $user, SiteWish $wish): bool
    {
        return $user->plans();
    }
}
