<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Rounds\Crew;
use App\Rounds\Days;
use App\Rounds\Visit;
use App\Rounds\VisitTask;
use App\Rounds\WeekReader;
use App\Team\User;
use Illuminate\Database\Eloquent\Collection as EloquentCollection;
use Illuminate\Support\Collection;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Rounds\Route;

/** The week drawn by crew and day. */
final readonly class BoardView
{
    /**
     * @param  list<string>  $dates
     * @param  list<CrewRowView>  $crews
     * @param  list<StopView>  $unplanned
     */
    private function __construct(public array $dates, public array $crews, public array $unplanned, public int $more, public bool $proposed)
    {
    }

    public static function of(WeekReader $reader, User $user): self
    {
        $units = $user->units();
        $records = $reader->visits->keyBy('id');
        $dates = array_map(fn (int $d): string => $reader->monday->addDays($d)->toDateString(), range(0, WeekReader::DAYS - 1));
        $rows = $reader->crews->map(fn (Crew $crew): CrewRowView => new CrewRowView(
            $crew->id, $crew->name, implode(', ', $crew->members->map(fn (User $u): string => $u->name)->all()), (string) $crew->vehicle?->name,
            array_map(fn (string $date): CrewDayView => self::day($reader->week->routes[$crew->id.'@'.Days::number(\Carbon\CarbonImmutable::parse($date, 'UTC'))] ?? null, $date, $records, $units), $dates),
        ));
        // The reader hands the most pressing first.
        $open = $reader->visits->where('state', Visit::OPEN)->values();

        // What a visit holds is read for the few that wait, not for the whole board.
        $waiting = EloquentCollection::make($open->take(WeekReader::OPEN_SHOWN)->all())->load('tasks.type');

        return new self(
            $dates, array_values($rows->all()), array_values($waiting->map(fn (Visit $v): StopView => self::stop($v, null, 0, $units))->all()), max(0, Visit::query()->where('state', Visit::OPEN)->where('earliest_on', '<=', end($dates))->count() - WeekReader::OPEN_SHOWN),
            $reader->visits->contains(fn (Visit $v): bool => $v->moved_from !== null),
        );
    }

    /** @param  Collection<int, Visit>  $records */
    private static function day(?Route $route, string $date, Collection $records, Units $units): CrewDayView
    {
        if ($route === null) {
            return new CrewDayView($date, false, [], null, 0, 0, '', 0, '', null);
        }
        $litres = fn (float $l): string => $units->show(Quantity::of($l, Kind::Volume));
        $most = max(1.0, $route->crewDay->saltL);
        $level = $route->saltL;
        $stops = [];
        foreach ($route->visits as $i => $visit) {
            $level -= $visit->saltL;
            $record = $records[$visit->id] ?? null;
            if ($record !== null) {
                $stops[] = self::stop($record, $route->startsMin[$i], $level / $most, $units);
            }
        }

        return new CrewDayView(
            $date, true, $stops, $stops === [] ? null : Days::clock($route->backMin), (int) round($route->drivingMin), (int) round($route->overtimeMin),
            $route->saltL > 0 ? $litres($route->saltL).' of '.$litres($route->crewDay->saltL) : '', $route->saltL / $most,
            $units->show(Quantity::of($route->loadKg, Kind::Mass)).' of '.$units->show(Quantity::of($route->crewDay->payloadKg, Kind::Mass)), $route->refusal?->words(),
        );
    }

    private static function stop(Visit $visit, ?float $startsMin, float $level, Units $units): StopView
    {
        [$planned, $due] = [$visit->getAttributes()['planned_on'] ?? null, (string) ($visit->getAttributes()['due_on'] ?? '')];
        $late = is_string($planned) ? max(0, Days::ofText($planned) - Days::ofText($due)) : 0;

        return new StopView(
            $visit->id, (string) $visit->site?->name, (string) $visit->site?->client?->name, $startsMin === null ? null : Days::clock($startsMin), (int) round($visit->minutes),
            $visit->salt_l > 0 ? $units->show(Quantity::of($visit->salt_l, Kind::Volume)) : null, max(0.0, $level),
            $visit->state === Visit::OPEN ? self::work($visit) : '', $visit->pinned, $visit->moved_from !== null, $visit->state, $late, $visit->why_unplanned, substr($due, 0, 10),
        );
    }

    /** "3 systems: change, glass, floss". */
    private static function work(Visit $visit): string
    {
        $systems = $visit->tasks->map(fn (VisitTask $t): int => $t->system_id)->unique()->count();
        $names = $visit->tasks->map(fn (VisitTask $t): string => lcfirst((string) $t->type?->name))->unique()->values();

        return ($systems === 1 ? '' : "{$systems} systems: ").$names->take(4)->implode(', ').($names->count() > 4 ? ' and '.($names->count() - 4).' more' : '');
    }
}
