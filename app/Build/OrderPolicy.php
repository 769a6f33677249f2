<?php

declare(strict_types=1);

namespace App\Build;

use App\Team\User;

final class OrderPolicy
{
    public function create(User $user, PlanVersion $version): bool
    {
        return $user->plans();
    }

    /** Whoever opens the parcel says whether it is whole. */
    public function receive(User $user, Order $order): bool
    {
        return $user->isStaff();
    }

    public function delete(User $user, Order $order): bool
    {
        return $user->plans() && $order->received_on === null;
    }
}
