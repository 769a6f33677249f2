<?php

declare(strict_types=1);

namespace App\Moves;

use App\Systems\Assignments;
use App\Team\User;

/** Staff read; planners plan; whoever is of the team, or works at one of the places, says what happens on the day. */
final class MovePolicy
{
    public function __construct(private readonly Assignments $assigned)
    {
    }

    public function viewAny(User $user): bool
    {
        return $user->isStaff();
    }

    public function view(User $user, Move $move): bool
    {
        return $user->isStaff();
    }

    public function create(User $user): bool
    {
        return $user->plans();
    }

    public function update(User $user, Move $move): bool
    {
        return $user->plans() && ! $move->isArchived() && $move->closed_at === null;
    }

    public function record(User $user, Move $move): bool
    {
        return $user->isStaff() && ! $move->isArchived() && ($user->plans() || $this->comes($user, $move));
    }

    public function archive(User $user, Move $move): bool
    {
        return $user->plans() && ! $move->isArchived();
    }

    private function comes(User $user, Move $move): bool
    {
        return $move->hands()->whereKey($user->id)->exists()
            || $this->assigned->atPlace($user, $move->from_site_id)
            || ($move->to_site_id !== null && $this->assigned->atPlace($user, $move->to_site_id));
    }
}
