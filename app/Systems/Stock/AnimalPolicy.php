<?php

declare(strict_types=1);

namespace App\Systems\Stock;

use App\Team\User;

/** Whoever reads how we work on a system reads its stock; whoever writes in its record writes it. */
final class AnimalPolicy
{
    public function view(User $user, Animal $animal): bool
    {
        return $animal->system !== null && $user->can('viewWorking', $animal->system);
    }

    public function update(User $user, Animal $animal): bool
    {
        return $animal->system !== null && $user->can('record', $animal->system);
    }
}
