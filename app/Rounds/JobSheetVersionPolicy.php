<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\User;

final class JobSheetVersionPolicy
{
    public function view(User $user, JobSheetVersion $record): bool
    {
        return $user->isStaff();
    }
}
