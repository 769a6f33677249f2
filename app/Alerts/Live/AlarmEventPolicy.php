<?php

declare(strict_types=1);

namespace App\Alerts\Live;

use App\Team\User;

final class AlarmEventPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    /** Whoever of ours has the right and sees it first answers it; who it was stands beside it. */
    public function acknowledge(User $user, AlarmEvent $event): bool
    {
        return $user->isStaff() && $user->may_silence;
    }
}
