<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\User;

final class SiteEventPolicy
{
    public function create(User $user): bool
    {
        return $user->plans();
    }

    public function archive(User $user, SiteEvent $event): bool
    {
        return $user->plans() && ! $event->isArchived();
    }
}
