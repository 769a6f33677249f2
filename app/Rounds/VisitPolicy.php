<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\User;

final class VisitPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    /** A technician sees the visits of their own crew. */
    public function view(User $user, Visit $visit): bool
    {
        return $user->plans() || ($user->isStaff() && $visit->isMine($user));
    }

    public function work(User $user, Visit $visit): bool
    {
        return $this->view($user, $visit);
    }

    public function plan(User $user): bool
    {
        return $user->plans();
    }
}
