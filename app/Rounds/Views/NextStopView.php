<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\House\Days;
use App\Rounds\Visit;
use Carbon\CarbonImmutable;
use stdClass;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Rounds\Spot;

/** After this one: where to, by when to leave, what to take along. */
final readonly class NextStopView
{
    /** Counted for a way that is not on the map, minutes. */
    private const USUAL_WAY_MIN = 20.0;

    /** @param  list<string>  $along */
    private function __construct(
        public int $id,
        public string $place,
        public ?string $address,
        public ?float $lat,
        public ?float $lon,
        public string $at,
        public string $leaveBy,
        public array $along,
    ) {
    }

    /** @param  stdClass  $next  of VisitReader; the visit is loaded with its site */
    public static function of(Visit $visit, stdClass $next, Units $units): self
    {
        $here = $visit->site;
        $isKnown = $here?->lat !== null && $here->lon !== null && $next->lat !== null && $next->lon !== null;
        $way = $isKnown
            ? (new Spot((float) $here->lat, (float) $here->lon))->minutesTo(
                new Spot((float) $next->lat, (float) $next->lon),
            )
            : self::USUAL_WAY_MIN;
        $at = CarbonImmutable::parse((string) $next->starts_at, 'UTC');
        $litres = fn (mixed $l, string $of): ?string => is_numeric($l) && $l > 0
            ? $units->show(Quantity::of((float) $l, Kind::Volume))." of {$of}"
            : null;

        return new self(
            id: (int) $next->id,
            place: (string) $next->place,
            address: trim("{$next->street}, {$next->town}", ', ') ?: null,
            lat: $next->lat === null ? null : (float) $next->lat,
            lon: $next->lon === null ? null : (float) $next->lon,
            at: Days::clock(Days::minute($at)),
            leaveBy: Days::clock(Days::minute($at->subMinutes((int) ceil($way + Spot::PARKING_MIN)))),
            along: array_values(array_filter([$litres($next->salt_l, 'salt water'), $litres($next->ro_l, 'RO water')])),
        );
    }
}
