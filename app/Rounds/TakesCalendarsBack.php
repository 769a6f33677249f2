<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\AccessEnded;

/**
 * Whoever is no longer let in knows the addresses they made, and those of the crews they were of. Those answer no more; crews that go on
 * get a new one under Calendars.
 */
final class TakesCalendarsBack
{
    public function handle(AccessEnded $ended): void
    {
        $crews = Crew::query()
            ->whereHas('members', fn ($members) => $members->whereKey($ended->user->id))
            ->select('id');
        Feed::query()
            ->whereNull('revoked_at')
            ->where(
                fn ($feeds) => $feeds
                    ->where('user_id', $ended->user->id)
                    ->orWhere(fn ($crew) => $crew->where('kind', Feed::CREW)->whereIn('subject_id', $crews)),
            )
            ->get()
            ->each(fn (Feed $feed): bool => $feed->update(['revoked_at' => now()]));
    }
}
