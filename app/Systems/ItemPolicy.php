<?php

declare(strict_types=1);

namespace App\Systems;

use App\Team\User;

final class ItemPolicy
{
    public function view(User $user, Item $record): bool
    {
        return $record->system !== null && $user->can('view', $record->system);
    }

    public function update(User $user, Item $record): bool
    {
        return $record->system !== null && $user->can('record', $record->system);
    }
}
