<?php

declare(strict_types=1);

namespace App\Risk;

use App\Team\User;

/** Proofs are written where the work is done: whoever may write a system's record may write its proofs. */
final class ProofPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }
}
