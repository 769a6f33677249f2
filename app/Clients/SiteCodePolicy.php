<?php

declare(strict_types=1);

namespace App\Clients;

use App\Team\User;

final class SiteCodePolicy
{
    public function __construct(private readonly DoorKeeper $doors)
    {
    }

    /** A technician sees a code from two hours before an assigned visit to its end. */
    public function reveal(User $user, SiteCode $code): bool
    {
        return $user->plans() || ($code->site !== null && $this->doors->mayOpen($user, $code->site));
    }

    public function update(User $user, SiteCode $code): bool
    {
        return $user->plans();
    }
}
