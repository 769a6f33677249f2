<?php

declare(strict_types=1);

namespace App\Systems;

use App\Team\User;

/** Whose work a system is; the room that plans visits knows. */
interface Assignments
{
    public function has(User $technician, System $system): bool;
}
