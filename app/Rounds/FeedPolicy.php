<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\User;

final class FeedPolicy
{
    public function create(User $user): bool
    {
        return $user->isStaff() || $user->client_id !== null;
    }

    /** Revoked by whoever made it, or by those who plan. */
    public function revoke(User $user, Feed $feed): bool
    {
        return $user->plans() || $feed->user_id === $user->id;
    }
}
