<?php

declare(strict_types=1);

namespace App\Clients;

use App\Team\User;

final class SiteCodePolicy
{
    /** A technician sees a code only around an assigned visit; the visits decide that when they exist. */
    public function reveal(User $user, SiteCode $code): bool
    {
        return $user->plans();
    }

    public function update(User $user, SiteCode $code): bool
    {
        return $user->plans();
    }
}
