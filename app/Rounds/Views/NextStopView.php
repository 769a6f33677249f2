<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Rounds\Days;
use App\Rounds\LoadList;
use App\Rounds\Visit;
use Carbon\CarbonImmutable;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Rounds\Spot;

/** After this one: where to, by when to leave, what to take along. */
final readonly class NextStopView
{
    /** Counted for a way that is not on the map, minutes. */
    private const USUAL_WAY_MIN = 20.0;

    /** @param  list<string>  $along */
    private function __construct(public int $id, public string $place, public ?string $address, public ?float $lat, public ?float $lon, public string $at, public string $leaveBy, public array $along)
    {
    }

    /** The crew’s next stop of that day; null: it was the last one. */
    public static function after(Visit $visit, Units $units): ?self
    {
        if ($visit->crew_id === null || $visit->planned_on === null) {
            return null;
        }
        $next = Visit::query()->where('crew_id', $visit->crew_id)->where('planned_on', $visit->planned_on->toDateString())->whereKeyNot($visit->id)
            ->where('state', Visit::PLANNED)->with(['site', 'tasks.type'])->orderBy('starts_at')->orderBy('id')->first();
        $site = $next?->site;
        if ($next === null || $site === null || $next->starts_at === null) {
            return null;
        }
        $here = $visit->site;
        $known = $here?->lat !== null && $here->lon !== null && $site->lat !== null && $site->lon !== null;
        $way = $known ? (new Spot($here->lat, $here->lon))->minutesTo(new Spot($site->lat, $site->lon)) : self::USUAL_WAY_MIN;
        $leave = CarbonImmutable::instance($next->starts_at)->subMinutes((int) ceil($way + Spot::PARKING_MIN));

        return new self(
            $next->id, $site->name, trim("{$site->street}, {$site->town}", ', ') ?: null, $site->lat, $site->lon,
            Days::clock(Days::minute($next->starts_at)), Days::clock(Days::minute($leave)), LoadList::into($next, $units),
        );
    }
}
