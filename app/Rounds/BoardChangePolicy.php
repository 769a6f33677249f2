<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\User;

final class BoardChangePolicy
{
    public function undo(User $user): bool
    {
        return $user->plans();
    }
}
