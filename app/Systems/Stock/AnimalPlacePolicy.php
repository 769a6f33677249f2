<?php

declare(strict_types=1);

namespace App\Systems\Stock;

use App\Team\User;

final class AnimalPlacePolicy
{
    public function view(User $user, AnimalPlace $place): bool
    {
        return $place->animal !== null && $user->can('view', $place->animal);
    }
}
