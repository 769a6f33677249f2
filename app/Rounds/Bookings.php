<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Water\WaterBooking;

/** Each planned visit that takes salt water is a promise of it (X-15): kept in step with the board. */
final class Bookings
{
    /** @param  list<int>  $visitIds  that were placed, moved or taken off */
    public static function follow(array $visitIds): void
    {
        if ($visitIds === []) {
            return;
        }
        $rows = [];
        foreach (
            Visit::query()
                ->whereIn('id', $visitIds)
                ->where('state', Visit::PLANNED)
                ->where('salt_l', '>', 0)
                ->with(['crew', 'site'])
                ->get() as $visit
        ) {
            if ($visit->crew !== null) {
                $rows[$visit->id] = [
                    'depot_id' => $visit->crew->depot_id,
                    'purpose' => 'routine',
                    'label' => "Change at {$visit->site?->name}",
                    'visit_id' => $visit->id,
                    'litres' => $visit->salt_l,
                    'on' => $visit->planned_on?->toDateString(),
                    'released_at' => null,
                ];
            }
        }
        WaterBooking::query()->upsert(
            array_values($rows),
            ['visit_id'],
            ['depot_id', 'label', 'litres', 'on', 'released_at'],
        );
        WaterBooking::query()
            ->whereIn('visit_id', array_values(array_diff($visitIds, array_keys($rows))))
            ->whereNull('released_at')
            ->update(['released_at' => now()]);
    }
}
