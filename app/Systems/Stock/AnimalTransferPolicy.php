<?php

declare(strict_types=1);

namespace App\Systems\Stock;

use App\Team\User;

final class AnimalTransferPolicy
{
    public function view(User $user, AnimalTransfer $transfer): bool
    {
        return $transfer->animal !== null && $user->can('view', $transfer->animal);
    }
}
