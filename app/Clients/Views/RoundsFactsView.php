<?php

declare(strict_types=1);

namespace App\Clients\Views;

use App\Clients\Site;

/** What rounds and risk ask of a place: where it lies, who looks when, whose key. */
final readonly class RoundsFactsView
{
    /**
     * @param  list<string>  $lookedAt
     * @param  list<array{from: string, until: string, sitter: string}>  $away
     */
    private function __construct(
        public ?float $lat,
        public ?float $lon,
        public ?float $altitudeM,
        public bool $weHoldKey,
        public bool $makesWater,
        public array $lookedAt,
        public ?int $minutesSold,
        public array $away,
    ) {
    }

    public static function of(Site $site): self
    {
        return new self(
            lat: $site->lat,
            lon: $site->lon,
            altitudeM: $site->altitude_m,
            weHoldKey: (bool) $site->we_hold_key,
            makesWater: (bool) $site->makes_water,
            lookedAt: array_values(array_filter($site->looked_at ?? [], is_string(...))),
            minutesSold: $site->minutes_sold === null ? null : (int) $site->minutes_sold,
            away: array_values(
                array_map(
                    fn (mixed $r): array => [
                        'from' => is_array($r) && is_string($r['from'] ?? null) ? $r['from'] : '',
                        'until' => is_array($r) && is_string($r['until'] ?? null) ? $r['until'] : '',
                        'sitter' => is_array($r) && is_string($r['sitter'] ?? null) ? $r['sitter'] : '',
                    ],
                    $site->away ?? [],
                ),
            ),
        );
    }
}
