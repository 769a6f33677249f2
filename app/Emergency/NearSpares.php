<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Stores\Shelves;
use App\Stores\Stock;
use App\Stores\StockPlace;
use App\Systems\System;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Emergency\EmergencyKind;
use Velbrin\Core\Rounds\Spot;

/** What lies near that may help, the nearest first. */
final readonly class NearSpares
{
    public function __construct(private Shelves $shelves)
    {
    }

    /**
     * Spares that may help with it, the nearest first.
     *
     * @return list<array{part: string, place: string, count: float, minutes: float|null}>
     */
    public function of(System $system, EmergencyKind $kind): array
    {
        $jobs = match ($kind) {
            EmergencyKind::Cold => [Job::Heater],
            EmergencyKind::Hot => [Job::Fan, Job::Chiller],
            EmergencyKind::ReturnDead, EmergencyKind::DrainBlocked => [Job::ReturnPump],
            EmergencyKind::ControllerDead => [Job::Controller, Job::Heater],
            EmergencyKind::PowerCut => [Job::Battery],
            default => [],
        };
        $spot = $system->site?->lat === null || $system->site->lon === null ? null : new Spot($system->site->lat, $system->site->lon);
        $found = $this->shelves->good()
            ->filter(fn (Stock $s): bool => ($s->part?->job !== null && in_array($s->part->job, $jobs, true))
                || ($s->part?->ready_for !== null && in_array($s->part->ready_for->value, self::readyFor($kind), true)))
            ->filter(fn (Stock $s): bool => $s->place?->kind !== StockPlace::SITE || $s->place->site_id === $system->site_id)
            ->map(fn (Stock $s): array => [
                'part' => (string) $s->part?->name,
                'place' => (string) $s->place?->name,
                'count' => $s->count,
                'minutes' => self::minutes($s, $system, $spot),
            ])
            ->sortBy(fn (array $s): float => $s['minutes'] ?? INF)
            ->values()
            ->all();

        return array_values($found);
    }

    /** @return list<string> */
    private static function readyFor(EmergencyKind $kind): array
    {
        return match ($kind) {
            EmergencyKind::PowerCut => ['air', 'power', 'heat'],
            EmergencyKind::Cold => ['heat'],
            EmergencyKind::Flood, EmergencyKind::Leak, EmergencyKind::DrainBlocked => ['floor', 'holding'],
            EmergencyKind::Ammonia, EmergencyKind::Overdose => ['water', 'filter', 'salt', 'ro'],
            EmergencyKind::ReturnDead => ['flow'],
            EmergencyKind::MoveWrong => ['holding', 'air', 'hides'],
            default => [],
        };
    }

    private static function minutes(Stock $stock, System $system, ?Spot $spot): ?float
    {
        $place = $stock->place;
        if ($place === null || $spot === null) {
            return null;
        }
        if ($place->site_id === $system->site_id) {
            return 0.0;
        }
        $depot = $place->depot;

        return $depot === null
            ? null
            : (new Spot($depot->lat, $depot->lon))->minutesTo($spot) + Spot::PARKING_MIN;
    }
}
