<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Clients\Site;
use App\Stores\Stock;
use App\Stores\StockPlace;
use Velbrin\Core\Rounds\Spot;

/** One lot that lies somewhere, as an emergency asks for it: read once, weighed for every system of a page. */
final readonly class Lying
{
    /** From a cupboard at the place itself, h. */
    private const AT_HAND_H = 0.25;

    private function __construct(
        private ?string $kind,
        private ?int $siteId,
        private ?Spot $spot,
        public ?string $place,
        private float $count,
        private float $watts,
        public bool $isGood,
        public ?string $testedOn,
        public ?string $goodUntil,
    ) {
    }

    /** With its part, its place and the place's depot. */
    public static function of(Stock $stock): self
    {
        $place = $stock->place;

        return new self(
            kind: $place?->kind,
            siteId: $place?->site_id,
            spot: $place?->depot?->spot(),
            place: $place?->name,
            count: $stock->count,
            watts: $stock->count * ($stock->part->capacity ?? 0.0),
            isGood: $stock->isGood(),
            testedOn: $stock->tested_on?->toDateString(),
            goodUntil: $stock->expires_on?->toDateString(),
        );
    }

    /** What lies in one client's cupboard helps nobody else. */
    public function helps(?Site $site): bool
    {
        return $this->kind !== StockPlace::SITE || $this->siteId === $site?->id;
    }

    /** Pieces, or the watts of all of them. */
    public function amount(string $unit): float
    {
        return $unit === 'W' ? $this->watts : $this->count;
    }

    /** Until it is in use: at hand, or when whoever is called has acted with what their van or the depot holds; null: nobody knows. */
    public function hours(?Site $site, ?float $helpH): ?float
    {
        if ($site !== null && $this->siteId === $site->id) {
            return self::AT_HAND_H;
        }
        if ($this->kind === StockPlace::VAN) {
            return $helpH;
        }
        $there = $site?->lat === null || $site->lon === null ? null : new Spot($site->lat, $site->lon);

        return $helpH === null || $there === null || $this->spot === null
            ? null
            : $helpH + $this->spot->minutesTo($there) / 60;
    }
}
