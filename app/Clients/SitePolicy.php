<?php

declare(strict_types=1);

namespace App\Clients;

use App\Team\User;

final class SitePolicy
{
    public function view(User $user, Site $site): bool
    {
        return $user->isStaff();
    }

    public function create(User $user): bool
    {
        return $user->plans();
    }

    public function update(User $user, Site $site): bool
    {
        return $user->plans();
    }
}
