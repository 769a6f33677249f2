<?php

declare(strict_types=1);

namespace App\Build;

use App\Team\User;

final class SupplierPolicy
{
    /** Whoever waits for a parcel may look up whom to call. */
    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    public function create(User $user): bool
    {
        return $user->plans();
    }

    public function update(User $user, Supplier $supplier): bool
    {
        return $user->plans();
    }
}
