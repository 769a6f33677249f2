<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\User;

final class VisitTaskPolicy
{
    public function view(User $user, VisitTask|VisitPart|VisitEntry $record): bool
    {
        return $record->visit !== null && $user->can('view', $record->visit);
    }
}
