<?php

declare(strict_types=1);

namespace App\Systems;

use App\Team\User;

/** Whose work a system is; the room that plans visits knows. */
interface Assignments
{
    public function has(User $technician, System $system): bool;

    /** At a place, whatever stands there: a build has its stages before much of a system does. */
    public function atPlace(User $technician, int $siteId): bool;
}
