<?php

declare(strict_types=1);

namespace App\Team;

final class CaughtMailPolicy
{
    /** The catcher holds reset links: for the owner, and only where mail is caught instead of sent. */
    public function viewAny(User $user): bool
    {
        return $user->role === Role::Owner;
    }
}
