<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\Holiday;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Velbrin\Core\Rounds\CrewDay;
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
     */
    private function __construct(
        public readonly CarbonImmutable $monday,
        public readonly Collection $crews,
        public readonly Collection $visits,
        public readonly array $crewDays,
        public readonly Week $week,
    ) {
    }

    /** @param  list<int>|null  $crewIds  null: all of them */
    public static function read(CarbonImmutable $monday, ?array $crewIds = null): self
    {
        $last = $monday->addDays(self::DAYS - 1);
        $crews = self::crews($monday, $last, $crewIds);
        $placedHere = self::rows()->whereBetween('visits.planned_on', [$monday->toDateString(), $last->toDateString()])
            ->when($crewIds !== null, fn ($q) => $q->whereIn('visits.crew_id', $crewIds ?? []))->orderBy('visits.planned_on')->orderBy('visits.position')->orderBy('visits.id')->get();
        // A board shows the most pressing of those without a place; a proposal takes them all.
        $open = self::rows()->where('visits.state', Visit::OPEN)->where('visits.earliest_on', '<=', $last->toDateString())->orderBy('visits.due_on')->orderBy('visits.id')
            ->when($crewIds !== null, fn ($q) => $q->limit(self::OPEN_SHOWN))->get();
        $first = Days::number($monday);
        $visits = $placedHere->concat($open)->map(fn (stdClass $row): WeekVisit => WeekVisit::of($row, $first))->keyBy(fn (WeekVisit $v): int => $v->id);
        $days = self::days($monday, $crews);
        $placed = [];
        foreach ($visits as $visit) {
            if ($visit->crewId !== null && $visit->plannedDay !== null) {
                $placed["{$visit->crewId}@{$visit->plannedDay}"][] = $visit->core;
            }
        }

        return new self($monday, $crews, $visits, $days, Week::of($days, $placed));
    }

    /**
     * @param  list<int>|null  $crewIds
     * @return Collection<int, Crew>
     */
    private static function crews(CarbonImmutable $monday, CarbonImmutable $last, ?array $crewIds): Collection
    {
        return Crew::query()->where('from_on', '<=', $last->toDateString())->where(fn ($q) => $q->whereNull('until_on')->orWhere('until_on', '>=', $monday->toDateString()))
            ->when($crewIds !== null, fn ($q) => $q->whereIn('id', $crewIds ?? []))->with(['members', 'vehicle', 'depot'])->orderBy('name')->get()->toBase();
    }

    /**
     * @param  Collection<int, Crew>  $crews
     * @return list<CrewDay>
     */
    private static function days(CarbonImmutable $monday, Collection $crews): array
    {
        $dates = array_map(fn (int $d): string => $monday->addDays($d)->toDateString(), range(0, self::DAYS - 1));
        $holidays = Holiday::query()->whereBetween('on', [$dates[0], end($dates)])->toBase()->pluck('on')->map(fn (mixed $on): string => substr((string) $on, 0, 10))->all();
        // As plain text: these days are compared for every crew and day.
        $absences = DB::table('absences')->where('from_on', '<=', end($dates))->where('until_on', '>=', $dates[0])->get(['user_id', 'from_on', 'until_on'])->groupBy('user_id');
        $first = Days::number($monday);
        $days = [];
        foreach ($crews as $crew) {
            [$depot, $vehicle] = [$crew->depot, $crew->vehicle];
            if ($depot === null || $vehicle === null) {
                continue;
            }
            [$from, $until] = [$crew->from_on->toDateString(), $crew->until_on?->toDateString()];
            [$spot, $starts, $ends, $break] = [$depot->spot(), $crew->starts_min, $crew->ends_min, $crew->break_min];
            [$payloadKg, $saltL, $roL] = [$vehicle->payload_kg, $vehicle->salt_l, $vehicle->ro_l];
            $skills = $crew->members->mapWithKeys(fn (User $u): array => [$u->id => array_values(array_filter($u->skills ?? [], is_string(...)))])->all();
            foreach ($dates as $d => $date) {
                $here = array_filter($skills, fn (int $id): bool => ! self::away($absences->get($id), $date), ARRAY_FILTER_USE_KEY);
                if ($here === [] || in_array($date, $holidays, true) || $from > $date || ($until !== null && $until < $date)) {
                    continue;
                }
                $days[] = new CrewDay($crew->id, $first + $d, $spot, $starts, $ends, $break, array_keys($here), array_values(array_unique(array_merge(...array_values($here)))), $payloadKg, $saltL, $roL);
            }
        }

        return $days;
    }

    /** @param  Collection<int, stdClass>|null  $absences  of one person */
    private static function away(?Collection $absences, string $date): bool
    {
        return $absences !== null && $absences->contains(fn (stdClass $a): bool => substr((string) $a->from_on, 0, 10) <= $date && substr((string) $a->until_on, 0, 10) >= $date);
    }

    /** Any visit as this week would take it, on its board or not. */
    public function core(Visit $visit): CoreVisit
    {
        return ($this->visits[$visit->id] ?? WeekVisit::of(self::rows()->where('visits.id', $visit->id)->sole(), Days::number($this->monday)))->core;
    }

    private static function rows(): Builder
    {
        return DB::table('visits')->join('sites', 'sites.id', '=', 'visits.site_id')->join('clients', 'clients.id', '=', 'sites.client_id')
            ->select('visits.*', 'sites.name as place', 'sites.lat', 'sites.lon', 'sites.access_hours', 'clients.name as client');
    }
}
