<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Clients\Site;
use App\Team\Holiday;
use App\Team\User;
use Carbon\CarbonImmutable;
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

    private const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    /**
     * @param  Collection<int, Crew>  $crews
     * @param  Collection<int, Visit>  $visits  of the week, planned ones, and open ones that could be
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
        $placedHere = Visit::query()->with('site.client')->whereBetween('planned_on', [$monday->toDateString(), $last->toDateString()])
            ->when($crewIds !== null, fn ($q) => $q->whereIn('crew_id', $crewIds ?? []))->orderBy('planned_on')->orderBy('position')->orderBy('id')->get();
        // A board shows the most pressing of those without a place; a proposal takes them all.
        $open = Visit::query()->with('site.client')->where('state', Visit::OPEN)->where('earliest_on', '<=', $last->toDateString())->orderBy('due_on')->orderBy('id')
            ->when($crewIds !== null, fn ($q) => $q->limit(self::OPEN_SHOWN))->get();
        $visits = $placedHere->toBase()->concat($open);
        $days = self::days($monday, $crews);
        $placed = [];
        foreach ($visits as $visit) {
            if ($visit->crew_id !== null && isset($visit->getAttributes()['planned_on'])) {
                $placed["{$visit->crew_id}@".self::day($visit, 'planned_on')][] = self::visit($visit, $monday);
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
        $last = $monday->addDays(self::DAYS - 1)->toDateString();
        $holidays = Holiday::query()->whereBetween('on', [$monday->toDateString(), $last])->get()->map(fn (Holiday $h): string => $h->on->toDateString())->all();
        // As plain text: these days are compared for every crew and day.
        $absences = DB::table('absences')->where('from_on', '<=', $last)->where('until_on', '>=', $monday->toDateString())->get(['user_id', 'from_on', 'until_on'])->groupBy('user_id');
        $days = [];
        foreach ($crews as $crew) {
            [$from, $until] = [$crew->from_on->toDateString(), $crew->until_on?->toDateString()];
            for ($d = 0; $d < self::DAYS; $d++) {
                $date = $monday->addDays($d)->toDateString();
                $here = $crew->members->reject(fn (User $u): bool => $absences->get($u->id)?->contains(fn (stdClass $a): bool => substr((string) $a->from_on, 0, 10) <= $date && substr((string) $a->until_on, 0, 10) >= $date) ?? false);
                if (in_array($date, $holidays, true) || $here->isEmpty() || $from > $date || ($until !== null && $until < $date) || $crew->depot === null || $crew->vehicle === null) {
                    continue;
                }
                $skills = array_values(array_unique(array_merge(...array_values($here->map(fn (User $u): array => array_values(array_filter($u->skills ?? [], is_string(...))))->all()))));
                $days[] = new CrewDay(
                    $crew->id, Days::number($monday->addDays($d)), $crew->depot->spot(), $crew->starts_min, $crew->ends_min, $crew->break_min, array_values($here->map(fn (User $u): int => $u->id)->all()), $skills,
                    $crew->vehicle->payload_kg, $crew->vehicle->salt_l, $crew->vehicle->ro_l,
                );
            }
        }

        return $days;
    }

    /** The visit is loaded with its site. */
    public static function visit(Visit $visit, CarbonImmutable $monday): CoreVisit
    {
        $site = $visit->site;

        return new CoreVisit(
            $visit->id, new Spot($site->lat ?? 0.0, $site->lon ?? 0.0), self::open($site, $monday), self::day($visit, 'earliest_on'), self::day($visit, 'due_on'), self::day($visit, 'latest_on'),
            $visit->minutes, $visit->persons, array_values(array_filter($visit->skills, is_string(...))), $visit->salt_l, $visit->ro_l, $visit->kg, $visit->familiar_id, $visit->isolated,
        );
    }

    private static function day(Visit $visit, string $column): int
    {
        $stored = $visit->getAttributes()[$column] ?? null;

        return is_string($stored) ? Days::ofText($stored) : Days::number($visit->due_on);
    }

    /** @return array<int, list<array{0: float, 1: float}>> */
    private static function open(?Site $site, CarbonImmutable $monday): array
    {
        $open = [];
        $access = $site->access_hours ?? [];
        $first = Days::number($monday);
        for ($d = 0; $d < self::DAYS; $d++) {
            $hours = $access[self::WEEKDAYS[$d]] ?? null;
            if (is_string($hours) && preg_match('/^(\d\d):(\d\d)-(\d\d):(\d\d)$/', $hours, $m) === 1) {
                $open[$first + $d] = [[60.0 * (int) $m[1] + (int) $m[2], 60.0 * (int) $m[3] + (int) $m[4]]];
            }
        }

        return $open;
    }
}
