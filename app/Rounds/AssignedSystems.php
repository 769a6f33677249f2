<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Systems\Assignments;
use App\Systems\System;
use App\Team\OnCall;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Database\Eloquent\Builder;

/**
 * A technician writes where their work is: at systems of places their crew goes to or has lately been, where they drove out, what
 * they owe, and everywhere while they are on call.
 */
final class AssignedSystems implements Assignments
{
    /** After a visit the record is still put right for so long. */
    private const AFTER_DAYS = 14;

    public function has(User $technician, System $system): bool
    {
        return $this->hasPlace($technician, (int) $system->site_id) || $this->owes($technician, $system) || $this->isOnCall($technician);
    }

    public function atPlace(User $technician, int $siteId): bool
    {
        return $this->isOnCall($technician) || $this->hasPlace($technician, $siteId);
    }

    public function hasPlace(User $technician, int $siteId): bool
    {
        $since = CarbonImmutable::now()->subDays(self::AFTER_DAYS);

        return Visit::query()
            ->where('site_id', $siteId)
            ->where(
                fn (Builder $v) => $v
                    ->whereIn('state', [Visit::PLANNED, Visit::UNDERWAY])
                    ->orWhere(fn (Builder $past) => $past->where('state', Visit::CLOSED)->where('starts_at', '>=', $since)),
            )
            ->where(
                fn (Builder $v) => $v
                    ->whereHas('crew.members', fn (Builder $m) => $m->where('users.id', $technician->id))
                    ->orWhere(fn (Builder $c) => $c->where('called_out', true)->where('opened_by', $technician->id)),
            )
            ->exists();
    }

    private function owes(User $technician, System $system): bool
    {
        return FollowUp::query()->where('system_id', $system->id)->where('owner_id', $technician->id)->whereNull('done_at')->exists();
    }

    private function isOnCall(User $technician): bool
    {
        $today = Days::text();

        return OnCall::query()
            ->where('user_id', $technician->id)
            ->where('from_on', '<=', $today)
            ->where('until_on', '>=', $today)
            ->exists();
    }
}
