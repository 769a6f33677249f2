<?php

declare(strict_types=1);

namespace App\Emergency\Views;

use Velbrin\Core\Emergency\HoursTable;

/** How the water goes towards its limit, for a phone that cannot ask: hours from each value, and what was read so far. */
final readonly class HarmCourseView
{
    /**
     * @param  list<array{float, float|null}>  $rows  value, hours until the limit; from the limit away; null: never
     * @param  list<array{float, float}>  $readings  ms since 1970, value
     */
    private function __construct(
        public float $limit,
        public float $start,
        public bool $rises,
        /** ms since 1970 */
        public float $beganMs,
        public array $rows,
        public array $readings,
    ) {
    }

    /** @param  list<array{atS: float, value: float}>  $readings */
    public static function of(HoursTable $table, float $limit, float $start, bool $rises, float $beganS, array $readings): self
    {
        return new self(
            limit: $limit,
            start: $start,
            rises: $rises,
            beganMs: $beganS * 1000,
            rows: array_map(fn (array $r): array => [$r['value'], $r['hours'] === null ? null : round($r['hours'], 4)], $table->rows),
            readings: array_map(fn (array $r): array => [$r['atS'] * 1000, $r['value']], $readings),
        );
    }
}
