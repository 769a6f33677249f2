<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Team\Absence;
use App\Team\Holiday;
use App\Team\User;
use App\Water\Depot;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Velbrin\Core\Rounds\CrewDay;
use Velbrin\Core\Rounds\Spot;
use Velbrin\Core\Rounds\Visit as CoreVisit;
use Velbrin\Core\Rounds\Week;

/** The reader between the records and the core's week: crews' days less absences and holidays, visits with their windows. */
final class WeekReader
{
    public const DAYS = 5;

    public const OPEN_SHOWN = 30;

    /**
     * @param  Collection<int, Crew>  $crews
     * @param  Collection<int, WeekVisit>  $visits  by number: of the week, planned ones, and open ones that could be
     * @param  list<CrewDay>  $crewDays
     * @param  array<int, string>  $stranded  planned visits nobody will come to, and why, by number
     * @param  array<string, array<int, string>>  $away  members who are not there, and why, by crew day
     * @param  array<string, string>  $holidays  by date
     */
    private function __construct(
        public readonly CarbonImmutable $monday,
        public readonly Collection $crews,
        public readonly Collection $visits,
        public readonly array $crewDays,
        public readonly Week $week,
        public readonly array $stranded,
        public readonly array $away,
        public readonly array $holidays,
        private readonly Spot $depot,
    ) {
    }

    /**
     * @param  list<int>|null  $crewIds  null: all of them
     * @param  Absence|null  $asIf  an absence not on record, to see what it would do
     */
    public static function read(CarbonImmutable $monday, ?array $crewIds = null, ?Absence $asIf = null): self
    {
        $last = $monday->addDays(self::DAYS - 1);
        $crews = self::crews($monday, $last, $crewIds);
        $placedHere = self::rows()
            ->whereIn('visits.state', [Visit::PLANNED, Visit::UNDERWAY, Visit::CLOSED])
            ->whereBetween('visits.planned_on', [$monday->toDateString(), $last->toDateString()])
            ->when($crewIds !== null, fn ($q) => $q->whereIn('visits.crew_id', $crewIds ?? []))
            ->orderBy('visits.planned_on')
            ->orderBy('visits.position')
            ->orderBy('visits.id')
            ->get();
        // A board shows the most pressing of those without a place; a proposal takes them all.
        $open = self::rows()
            ->where('visits.state', Visit::OPEN)
            ->where('visits.earliest_on', '<=', $last->toDateString())
            ->orderBy('visits.due_on')
            ->orderBy('visits.id')
            ->when($crewIds !== null, fn ($q) => $q->limit(self::OPEN_SHOWN))
            ->get();
        $first = Days::number($monday);
        $lost =
            $crewIds === null
                ? collect()
                : self::lost($monday, $last)->whereNotIn('id', $placedHere->pluck('id')->all());
        $rows = $placedHere->concat($open)->concat($lost);
        $strangers = $lost->pluck('crew_id')->unique()->diff($crews->pluck('id'))->all();
        $known =
            $strangers === []
                ? $crews
                : $crews->concat(
                    Crew::query()
                        ->whereIn('id', $strangers)
                        ->with(['members', 'vehicle', 'depot'])
                        ->get()
                        ->toBase(),
                );
        $depot =
            $crews->first()?->depot?->spot() ??
            (Depot::query()->current()->orderBy('id')->first()?->spot() ?? new Spot(0, 0));
        $holidays = self::holidays($monday, $last);
        $gone = Elsewhere::between($monday, $last, $asIf);
        $siteIds = array_values(array_unique($rows->map(fn (stdClass $r): int => (int) $r->site_id)->all()));
        $wishes = self::wishes($siteIds);
        $events = SiteEvent::coming($siteIds);
        $familiar = Familiar::instead(
            $rows
                ->whereNotNull('familiar_id')
                ->mapWithKeys(fn (stdClass $r): array => [(int) $r->site_id => (int) $r->familiar_id])
                ->all(),
            $gone->away(),
        );
        $visits = $rows
            ->map(
                fn (stdClass $row): WeekVisit => WeekVisit::of(
                    $row,
                    $first,
                    $wishes[$row->site_id] ?? [],
                    $depot,
                    $events[$row->site_id] ?? [],
                    $familiar[$row->site_id] ?? null,
                ),
            )
            ->keyBy(fn (WeekVisit $v): int => $v->id);
        [$days, $away] = self::days($monday, $known, $holidays, $gone);
        $byKey = [];
        foreach ($days as $day) {
            $byKey[$day->key()] = $day;
        }
        $placed = $stranded = [];
        foreach ($visits as $visit) {
            if ($visit->crewId === null || $visit->plannedDay === null) {
                continue;
            }
            $key = "{$visit->crewId}@{$visit->plannedDay}";
            $why = $visit->core->isFact
                ? null
                : self::strands($visit, $byKey[$key] ?? null, $known, $away[$key] ?? [], $holidays);
            if ($why !== null) {
                $stranded[$visit->id] = $why;
            } elseif (isset($byKey[$key])) {
                $placed[$key][] = $visit->core;
            }
        }
        // On the day itself by the hour, whatever order they were kept in.
        foreach ($placed as $key => $ofDay) {
            usort(
                $ofDay,
                fn (CoreVisit $a, CoreVisit $b): int => ($visits[$a->id]->startMin ?? INF) <=>
                    ($visits[$b->id]->startMin ?? INF),
            );
            $placed[$key] = $ofDay;
        }

        return new self(
            monday: $monday,
            crews: $crews,
            visits: $visits,
            crewDays: $days,
            week: Week::of($days, $placed),
            stranded: $stranded,
            away: $away,
            holidays: $holidays,
            depot: $depot,
        );
    }

    /**
     * Planned from today on for a crew of which too few will be there: looked for among all crews, whatever part of the board is shown.
     *
     * @return Collection<int, stdClass>
     */
    private static function lost(CarbonImmutable $monday, CarbonImmutable $last): Collection
    {
        $ended = DB::table('crews')
            ->whereColumn('crews.id', 'visits.crew_id')
            ->where(
                fn ($q) => $q
                    ->whereColumn('crews.until_on', '<', 'visits.planned_on')
                    ->orWhereColumn('crews.from_on', '>', 'visits.planned_on'),
            );
        $absent = DB::table('absences')
            ->whereColumn('absences.user_id', 'crew_user.user_id')
            ->whereColumn('absences.from_on', '<=', 'visits.planned_on')
            ->whereColumn('absences.until_on', '>=', 'visits.planned_on');
        $atMove = Elsewhere::withMoves()
            ->whereColumn('move_hands.user_id', 'crew_user.user_id')
            ->whereColumn('moves.on', 'visits.planned_on');
        $here = DB::table('crew_user')
            ->whereColumn('crew_user.crew_id', 'visits.crew_id')
            ->whereNotExists($absent)
            ->whereNotExists($atMove)
            ->selectRaw('count(*)');

        return self::rows()
            ->where('visits.state', Visit::PLANNED)
            ->whereBetween('visits.planned_on', [
                max(Days::today()->toDateString(), $monday->toDateString()),
                $last->toDateString(),
            ])
            ->where(
                fn ($q) => $q
                    ->whereExists($ended)
                    ->orWhereExists(DB::table('holidays')->whereColumn('holidays.on', 'visits.planned_on'))
                    ->orWhere($here, '<', DB::raw('greatest(1, visits.persons)')),
            )
            ->orderBy('visits.planned_on')
            ->orderBy('visits.id')
            ->get();
    }

    /**
     * Planned for a crew that is not there, or no longer has what it needs.
     *
     * @param  Collection<int, Crew>  $crews
     * @param  array<int, string>  $away
     * @param  array<string, string>  $holidays
     */
    private static function strands(
        WeekVisit $visit,
        ?CrewDay $day,
        Collection $crews,
        array $away,
        array $holidays,
    ): ?string {
        $where = implode(' and ', array_unique($away));
        if ($day === null) {
            $crew = $crews->firstWhere('id', $visit->crewId);
            $holiday = $holidays[Days::date((int) $visit->plannedDay)->toDateString()] ?? null;
            $until = $crew?->until_on;
            $struck = $until === null ? '' : "its crew is struck: {$crew->name} drives until {$until->format('j M')}";

            return match (true) {
                $holiday !== null => "a holiday: {$holiday}",
                $crew === null => 'its crew is struck',
                $until !== null && Days::number($until) < $visit->plannedDay => $struck,
                $away !== [] => "crew {$where}: {$crew->name}",
                default => "{$crew->name} does not drive that day",
            };
        }
        if (count($day->members) < $visit->core->persons) {
            return $away === [] ? 'needs two people' : "needs two people, and one of the crew is {$where}";
        }

        return array_diff($visit->core->skills, $day->skills) === [] ? null : 'nobody left in the crew has the skill';
    }

    /**
     * @param  list<int>  $siteIds
     * @return array<int, list<SiteWish>>
     */
    private static function wishes(array $siteIds): array
    {
        $wishes = [];
        foreach (
            SiteWish::query()->whereNull('released_at')->whereIntegerInRaw('site_id', $siteIds)->orderBy('id')->get() as $wish
        ) {
            $wishes[$wish->site_id][] = $wish;
        }

        return $wishes;
    }

    /** @return array<string, string> names by date */
    private static function holidays(CarbonImmutable $monday, CarbonImmutable $last): array
    {
        return Holiday::query()
            ->whereBetween('on', [$monday->toDateString(), $last->toDateString()])
            ->toBase()
            ->get(['on', 'name'])
            ->mapWithKeys(fn (stdClass $h): array => [substr((string) $h->on, 0, 10) => (string) $h->name])
            ->all();
    }

    /**
     * @param  list<int>|null  $crewIds
     * @return Collection<int, Crew>
     */
    private static function crews(CarbonImmutable $monday, CarbonImmutable $last, ?array $crewIds): Collection
    {
        return Crew::query()
            ->where('from_on', '<=', $last->toDateString())
            ->where(fn ($q) => $q->whereNull('until_on')->orWhere('until_on', '>=', $monday->toDateString()))
            ->when($crewIds !== null, fn ($q) => $q->whereIn('id', $crewIds ?? []))
            ->with(['members', 'vehicle', 'depot'])
            ->orderBy('name')
            ->get()
            ->toBase();
    }

    /**
     * @param  Collection<int, Crew>  $crews
     * @param  array<string, string>  $holidays
     * @return array{0: list<CrewDay>, 1: array<string, array<int, string>>} days worked; who is not there, and why, by crew day
     */
    private static function days(CarbonImmutable $monday, Collection $crews, array $holidays, Elsewhere $gone): array
    {
        $dates = array_map(fn (int $d): string => $monday->addDays($d)->toDateString(), range(0, self::DAYS - 1));
        $first = Days::number($monday);
        $now = Days::now();
        $days = $away = [];
        foreach ($crews as $crew) {
            [$depot, $vehicle] = [$crew->depot, $crew->vehicle];
            if ($depot === null || $vehicle === null) {
                continue;
            }
            [$from, $until] = [$crew->from_on->toDateString(), $crew->until_on?->toDateString()];
            $skills = $crew->members
                ->mapWithKeys(
                    fn (User $u): array => [$u->id => array_values(array_filter($u->skills ?? [], is_string(...)))],
                )
                ->all();
            foreach ($dates as $d => $date) {
                if ($from > $date || ($until !== null && $until < $date)) {
                    continue;
                }
                $where = $gone->of(array_keys($skills), $date);
                $here = array_diff_key($skills, $where);
                $away["{$crew->id}@".($first + $d)] = $where;
                if ($here === [] || isset($holidays[$date])) {
                    continue;
                }
                $days[] = new CrewDay(
                    crew: $crew->id,
                    day: $first + $d,
                    depot: $depot->spot(),
                    startMin: $crew->starts_min,
                    endMin: $crew->ends_min,
                    breakMin: $crew->break_min,
                    members: array_keys($here),
                    skills: array_values(array_unique(array_merge(...array_values($here)))),
                    payloadKg: $vehicle->payload_kg,
                    saltL: $vehicle->salt_l,
                    roL: $vehicle->ro_l,
                    notBeforeMin: $first + $d === $now['day'] ? $now['minute'] : 0.0,
                );
            }
        }

        return [$days, array_filter($away)];
    }

    /** Any visit as this week would take it, on its board or not. */
    public function core(Visit $visit): CoreVisit
    {
        $known = $this->visits[$visit->id] ?? null;
        if ($known !== null) {
            return $known->core;
        }
        $row = self::rows()->where('visits.id', $visit->id)->sole();

        $wishes = self::wishes([$visit->site_id])[$visit->site_id] ?? [];
        $events = SiteEvent::coming([$visit->site_id])[$visit->site_id] ?? [];

        return WeekVisit::of($row, Days::number($this->monday), $wishes, $this->depot, $events)->core;
    }

    private static function rows(): Builder
    {
        return DB::table('visits')
            ->join('sites', 'sites.id', '=', 'visits.site_id')
            ->join('clients', 'clients.id', '=', 'sites.client_id')
            ->select(
                'visits.*',
                'sites.name as place',
                'sites.lat',
                'sites.lon',
                'sites.access_hours',
                'clients.name as client',
            )
            ->selectRaw(
                'exists(select 1 from visit_tasks where visit_tasks.visit_id = visits.id and visit_tasks.state = \'open\' and '.
                'visit_tasks.disturbs_h is not null) as disturbs',
            );
    }
}
