<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\House\Days;
use App\Rounds\Crew;
use App\Rounds\Visit;
use App\Rounds\VisitTask;
use App\Rounds\WeekReader;
use App\Rounds\WeekVisit;
use App\Team\User;
use Illuminate\Support\Collection;
use stdClass;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** The week drawn by crew and day. */
final readonly class BoardView
{
    /**
     * @param  list<string>  $dates
     * @param  list<CrewRowView>  $crews
     * @param  list<StopView>  $unplanned
     */
    private function __construct(
        public array $dates,
        public array $crews,
        public array $unplanned,
        public int $more,
        public bool $proposed,
    ) {
    }

    public static function of(WeekReader $reader, User $user): self
    {
        $units = $user->units();
        $first = Days::number($reader->monday);
        $dates = array_map(
            fn (int $d): string => $reader->monday->addDays($d)->toDateString(),
            range(0, WeekReader::DAYS - 1),
        );
        $rows = $reader->crews->map(
            fn (Crew $crew): CrewRowView => new CrewRowView(
                $crew->id,
                $crew->name,
                implode(', ', $crew->members->map(fn (User $u): string => $u->name)->all()),
                (string) $crew->vehicle?->name,
                array_map(
                    fn (int $d, string $date): CrewDayView => self::day($reader, $crew, $first + $d, $date, $units),
                    array_keys($dates),
                    $dates,
                ),
            ),
        );
        // Planned for somebody who is away first; then the most pressing, as the reader hands them.
        $stranded = $reader->visits->only(array_keys($reader->stranded));
        $waiting = $stranded->union($reader->visits->where('state', Visit::OPEN)->take(WeekReader::OPEN_SHOWN));
        $work = self::work($waiting->keys()->all());
        $open = Visit::query()->where('state', Visit::OPEN)->where('earliest_on', '<=', end($dates))->count();

        return new self(
            $dates,
            array_values($rows->all()),
            array_values(
                $waiting
                    ->map(
                        fn (WeekVisit $v): StopView => self::stop(
                            $v,
                            null,
                            0,
                            $units,
                            $work[$v->id] ?? '',
                            $reader->stranded[$v->id] ?? null,
                        ),
                    )
                    ->all(),
            ),
            max(0, $open - WeekReader::OPEN_SHOWN),
            $reader->visits->contains(fn (WeekVisit $v): bool => $v->moved),
        );
    }

    /**
     * "Ada, Ben away; Cy at “The cold move”".
     *
     * @param  array<int, string>  $where  by person
     */
    private static function whoIsGone(Crew $crew, array $where): string
    {
        $names = [];
        foreach ($where as $id => $place) {
            $names[$place][] = (string) $crew->members->find($id)?->name;
        }

        return implode('; ', array_map(
            fn (string $place, array $of): string => implode(', ', $of)." {$place}",
            array_keys($names),
            $names,
        ));
    }

    private static function day(WeekReader $reader, Crew $crew, int $day, string $date, Units $units): CrewDayView
    {
        $route = $reader->week->routes["{$crew->id}@{$day}"] ?? null;
        $away = $reader->holidays[$date] ?? self::whoIsGone($crew, $reader->away["{$crew->id}@{$day}"] ?? []);
        if ($route === null) {
            return new CrewDayView(
                date: $date,
                works: false,
                stops: [],
                backAt: null,
                drivingMin: 0,
                overtimeMin: 0,
                water: '',
                levelStart: 0,
                load: '',
                refusal: null,
                away: $away === '' ? 'off' : $away,
            );
        }
        $litres = fn (float $l): string => $units->show(Quantity::of($l, Kind::Volume));
        $most = max(1.0, $route->crewDay->saltL);
        $level = $route->saltL;
        $stops = [];
        foreach ($route->visits as $i => $visit) {
            $level -= $visit->saltL;
            $record = $reader->visits[$visit->id] ?? null;
            if ($record !== null) {
                $stops[] = self::stop($record, $route->startsMin[$i], $level / $most, $units);
            }
        }

        return new CrewDayView(
            date: $date,
            works: true,
            stops: $stops,
            backAt: $stops === [] ? null : Days::clock($route->backMin),
            drivingMin: (int) round($route->drivingMin),
            overtimeMin: (int) round($route->overtimeMin),
            water: $route->saltL > 0 ? $litres($route->saltL).' of '.$litres($route->crewDay->saltL) : '',
            levelStart: $route->saltL / $most,
            load: $units->show(Quantity::of($route->loadKg, Kind::Mass)).
                ' of '.
                $units->show(Quantity::of($route->crewDay->payloadKg, Kind::Mass)),
            refusal: $route->refusal?->words(),
            away: $away,
        );
    }

    private static function stop(
        WeekVisit $visit,
        ?float $startsMin,
        float $level,
        Units $units,
        string $work = '',
        ?string $stranded = null,
    ): StopView {
        $was =
            $stranded === null || $visit->plannedDay === null
                ? ''
                : Days::date($visit->plannedDay)->format('D j M').': ';

        return new StopView(
            id: $visit->id,
            place: $visit->place,
            client: $visit->client,
            at: $startsMin === null ? null : Days::clock($startsMin),
            minutes: (int) round($visit->core->minutes),
            water: $visit->core->saltL > 0 ? $units->show(Quantity::of($visit->core->saltL, Kind::Volume)) : null,
            levelAfter: max(0.0, $level),
            work: $work,
            pinned: $visit->pinned,
            promised: $visit->promised,
            moved: $visit->moved,
            state: $visit->state,
            lateDays: $visit->plannedDay === null ? 0 : max(0, $visit->plannedDay - $visit->core->dueDay),
            why: $stranded === null ? $visit->why : $was.$stranded,
            dueOn: $visit->dueOn,
            asks: $visit->asks,
            knows: $visit->knows,
            siteId: $visit->siteId,
        );
    }

    /**
     * "3 systems: change, glass, floss": read for the few that wait, not for the whole board.
     *
     * @param  array<int, int>  $visitIds
     * @return array<array-key, string> by visit
     */
    private static function work(array $visitIds): array
    {
        return VisitTask::query()
            ->join('task_types', 'task_types.id', '=', 'visit_tasks.task_type_id')
            ->whereIntegerInRaw('visit_tasks.visit_id', $visitIds)
            ->orderBy('visit_tasks.id')
            ->select('visit_tasks.visit_id', 'visit_tasks.system_id')
            ->selectRaw('coalesce(visit_tasks.title, task_types.name) as name')
            ->toBase()
            ->get()
            ->groupBy('visit_id')
            ->map(function (Collection $tasks): string {
                $systems = $tasks->pluck('system_id')->unique()->count();
                $names = $tasks->map(fn (stdClass $t): string => lcfirst((string) $t->name))->unique()->values();

                return ($systems === 1 ? '' : "{$systems} systems: ").
                    $names->take(4)->implode(', ').
                    ($names->count() > 4 ? ' and '.($names->count() - 4).' more' : '');
            })
            ->all();
    }
}
