<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\User;

final class FollowUpPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    public function update(User $user, FollowUp $followUp): bool
    {
        return $user->plans() || ($user->isStaff() && $followUp->owner_id === $user->id);
    }
}
