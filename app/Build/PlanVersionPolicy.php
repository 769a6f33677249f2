<?php

declare(strict_types=1);

namespace App\Build;

use App\Team\User;

final class PlanVersionPolicy
{
    /** A client reads what was accepted for them, in the client edition. */
    public function view(User $user, PlanVersion $version): bool
    {
        return $user->isStaff() ||
            ($version->accepted_at !== null && $version->plan?->site?->client_id === $user->client_id);
    }

    public function accept(User $user, PlanVersion $version): bool
    {
        return $user->plans() && $version->accepted_at === null;
    }
}
