<?php

declare(strict_types=1);

namespace App\Risk;

use App\Alerts\Alarm;
use App\Alerts\AlarmCall;
use App\Alerts\AlarmStanding;
use App\Clients\Site;
use App\House\Days;
use App\Systems\System;
use App\Team\Absence;
use App\Team\Holiday;
use App\Team\OnCall;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\AlarmWay;
use Velbrin\Core\Risk\Called;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\Layer\Hangs;
use Velbrin\Core\Risk\Layer\Part;
use Velbrin\Core\Risk\Place;
use Velbrin\Core\Rounds\OpeningHours;
use Velbrin\Core\Rounds\Spot;

/** Who can be where when: roster, absences, homes, keys, opening hours. Read once for many systems. */
final class Helpers
{
    /** Counted where either end of a way is not on the map, minutes. */
    private const USUAL_TRAVEL_MIN = 30.0;

    private const DAYS_AHEAD = 7;

    private ?InReach $reach = null;

    /**
     * @param  Collection<int, OnCall>  $onCall  in the order they are rung
     * @param  Collection<int, Absence>  $absences
     * @param  array<int, CarbonImmutable>  $nextVisits
     * @param  Collection<int, Alarm>  $alarms
     * @param  list<string>  $holidays  dates of the company's list
     */
    private function __construct(
        private readonly Collection $onCall,
        private readonly Collection $absences,
        private readonly array $nextVisits,
        private readonly Collection $alarms,
        private readonly array $holidays,
    ) {
    }

    /** @param  Collection<int, System>  $systems */
    public static function around(Collection $systems, NextLook $visits): self
    {
        $siteIds = array_values(array_unique(array_map(fn (System $s): int => $s->site_id, $systems->all())));
        $today = Days::text();
        $week = Days::text(self::DAYS_AHEAD);

        $onCall = OnCall::query()
            ->where('until_on', '>=', $today)
            ->where('from_on', '<=', $week)
            ->orderBy('position')
            ->orderBy('from_on')
            ->get()
            ->toBase();
        $alarms = Alarm::query()
            ->current()
            ->whereIn('system_id', $systems->map(fn (System $s): int => $s->id)->all())
            ->with('calls')
            ->orderBy('id')
            ->get()
            ->toBase();
        self::name($onCall->concat($alarms->flatMap(fn (Alarm $a): Collection => $a->calls->toBase())), $systems);

        return new self(
            $onCall,
            Absence::query()->where('until_on', '>=', $today)->where('from_on', '<=', $week)->get()->toBase(),
            $visits->bySite($siteIds),
            $alarms,
            self::holidays($today, Days::text(self::DAYS_AHEAD + 1)),
        );
    }

    /**
     * Whoever is on call, is called by an alarm or keeps a system is of one team: asked once.
     *
     * @param  Collection<int, AlarmCall|OnCall>  $records
     * @param  Collection<int, System>  $systems
     */
    private static function name(Collection $records, Collection $systems): void
    {
        $ids = $records->pluck('user_id')->concat($systems->pluck('keeper_id'))->filter()->unique()->values()->all();
        $users = $ids === [] ? collect() : User::query()->whereIntegerInRaw('id', $ids)->get()->keyBy('id')->toBase();
        foreach ($records as $record) {
            $record->setRelation('user', $users->get($record->user_id));
        }
        foreach ($systems as $system) {
            $system->setRelation('keeper', $users->get($system->keeper_id));
        }
    }

    /** Who is on call alone, for a list that rings people up. */
    public static function onCall(): self
    {
        $today = Days::text();
        $week = Days::text(self::DAYS_AHEAD);

        return new self(
            OnCall::query()
                ->where('until_on', '>=', $today)
                ->where('from_on', '<=', $week)
                ->with('user')
                ->orderBy('position')
                ->orderBy('from_on')
                ->get()
                ->toBase(),
            Absence::query()->where('until_on', '>=', $today)->where('from_on', '<=', $week)->get()->toBase(),
            [],
            collect(),
            [],
        );
    }

    /** Asked once, when the first place is. */
    public function reach(): InReach
    {
        return $this->reach ??= app(WithinReach::class)->now();
    }

    public function place(System $system, Under $under): Place
    {
        $site = $system->site ?? new Site();
        $fault = $under->night->faultAt($site->timezone ?? Days::zone());

        return new Place(
            (float) $fault->format('G') + (float) $fault->format('i') / 60,
            $this->looks($site, $fault, $under),
            $this->open($site, $fault, $under->isHoliday),
            $this->first($site, $fault, $under),
            $this->reach()->hoursTo($site, $this->firstUser($fault, $under)?->id),
        );
    }

    /** @return list<Alarm> as they were read */
    public function records(System $system): array
    {
        return array_values($this->alarms->where('system_id', $system->id)->all());
    }

    /** As Today and the list of alarms say it too. */
    public function standing(Alarm $alarm, System $system, Night $night): AlarmStanding
    {
        return AlarmStanding::of(
            $alarm,
            $this->absences,
            $night->faultAt($system->site->timezone ?? Days::zone())->toDateString(),
        );
    }

    /**
     * Whom to ring about a place, first to last: who is on call that night and there.
     *
     * @return list<User>
     */
    public function toRing(Site $site, Night $night): array
    {
        $fault = $night->faultAt($site->timezone ?? Days::zone());
        $day = $fault->toDateString();
        $ring = [];
        foreach ($this->onCall as $turn) {
            if (
                $turn->user !== null &&
                ! $turn->user->isArchived() &&
                $turn->from_on->toDateString() <= $day &&
                $turn->until_on->toDateString() >= $day &&
                ! $this->isAway($turn->user, $fault)
            ) {
                $ring[$turn->user->id] = $turn->user;
            }
        }

        return array_values($ring);
    }

    /** @return list<AlarmWay> */
    public function alarms(System $system, Night $night): array
    {
        $site = $system->site ?? new Site();
        $fault = $night->faultAt($site->timezone ?? Days::zone());

        $ways = $this->alarms
            ->where('system_id', $system->id)
            ->map(
                fn (Alarm $alarm): AlarmWay => new AlarmWay(
                    name: $alarm->name,
                    watches: array_values(
                        array_filter(
                            array_map(
                                fn (mixed $h): ?Hazard => is_string($h) ? Hazard::tryFrom($h) : null,
                                $alarm->watches,
                            ),
                        ),
                    ),
                    delayMin: $alarm->delay_min,
                    tested: $alarm->isTested(),
                    onItsOwn: $alarm->on_its_own,
                    chain: array_values(
                        $alarm->calls
                            ->map(fn (AlarmCall $c): Called => $this->called($c->user, $site, $fault, $c->step_min))
                            ->all(),
                    ),
                    quantity: $alarm->quantity,
                    lowLimit: $alarm->low_limit,
                    highLimit: $alarm->high_limit,
                    hangs: self::hangs($alarm),
                    isLowest: $alarm->is_lowest,
                ),
            );

        return array_values($ways->all());
    }

    /** A sensor of a controller, or a thing of its own; where nobody has said, it may hang on anything (R-59). */
    private static function hangs(Alarm $alarm): ?Hangs
    {
        if ($alarm->controller_id === null) {
            return $alarm->on_its_own ? Hangs::onNothing() : null;
        }
        $hangs = Hangs::onNothing()->on(Part::Controller, "c{$alarm->controller_id}");

        return $alarm->sensor_id === null ? $hangs : $hangs->on(Part::Probe, "s{$alarm->sensor_id}");
    }

    private function called(?User $user, Site $site, CarbonImmutable $fault, float $stepMin = 15): Called
    {
        if ($user === null || $user->isArchived()) {
            return new Called($user->name ?? 'nobody', false, $stepMin);
        }
        $travel =
            $user->home_lat === null || $user->home_lon === null || $site->lat === null || $site->lon === null
                ? self::USUAL_TRAVEL_MIN
                : (new Spot($user->home_lat, $user->home_lon))->minutesTo(new Spot($site->lat, $site->lon)) +
                    Spot::PARKING_MIN;

        return new Called($user->name, ! $this->isAway($user, $fault), $stepMin, $travel, (bool) $site->we_hold_key);
    }

    private function isAway(User $user, CarbonImmutable $at): bool
    {
        $day = $at->toDateString();

        return $this->absences->contains(
            fn (Absence $a): bool => $a->user_id === $user->id &&
                $a->from_on->toDateString() <= $day &&
                $a->until_on->toDateString() >= $day,
        );
    }

    /** Whoever is on call that night and not away, or who is put there. */
    private function first(Site $site, CarbonImmutable $fault, Under $under): ?Called
    {
        $user = $this->firstUser($fault, $under);

        return $user === null ? null : $this->called($user, $site, $fault);
    }

    private function firstUser(CarbonImmutable $fault, Under $under): ?User
    {
        if ($under->isNobodyOnCall || $under->onCall !== null) {
            return $under->onCall;
        }
        $day = $fault->toDateString();
        foreach ($this->onCall as $turn) {
            if (
                $turn->from_on->toDateString() <= $day &&
                $turn->until_on->toDateString() >= $day &&
                $turn->user !== null &&
                ! $this->isAway($turn->user, $fault)
            ) {
                return $turn->user;
            }
        }

        return null;
    }

    /** @return list<float> hours from the fault at which somebody looks */
    private function looks(Site $site, CarbonImmutable $fault, Under $under): array
    {
        $looks = [];
        foreach ($site->looked_at ?? [] as $time) {
            // Who is away does not look; a sitter does.
            $away = $site->awayOn($fault->toDateString());
            if ($under->isAway ?? ($away !== null && $away['sitter'] === null)) {
                break;
            }
            if (is_string($time) && preg_match('/^([01]\d|2[0-3]):([0-5]\d)$/', $time, $m) === 1) {
                $at = $fault->setTime((int) $m[1], (int) $m[2]);
                $looks[] = self::hours($fault, $at->lessThan($fault) ? $at->addDay() : $at);
            }
        }
        $visit = $this->nextVisits[$site->id ?? 0] ?? null;
        $isOff = $under->isHoliday && $visit?->setTimezone($fault->timezone)->isSameDay($fault) === true;
        if ($visit !== null && ! $isOff && $visit->greaterThan($fault)) {
            $looks[] = self::hours($fault, $visit);
        }

        return $looks;
    }

    /**
     * When the door is open; on a public holiday it is not, and whoever has a key does not need it.
     *
     * @return list<array{0: float, 1: float}>
     */
    private function open(Site $site, CarbonImmutable $fault, bool $isHoliday): array
    {
        $open = [];
        for ($d = 0; $d <= self::DAYS_AHEAD; $d++) {
            $day = $fault->addDays($d);
            if (($d === 0 && $isHoliday) || in_array($day->toDateString(), $this->holidays, true)) {
                continue;
            }
            $hours = ($site->access_hours ?? [])[strtolower($day->format('D'))] ?? null;
            foreach (self::spans($hours) as [$from, $to]) {
                $open[] = [
                    self::hours($fault, $day->startOfDay()->setTime(0, (int) $from)),
                    self::hours($fault, $day->startOfDay()->setTime(0, (int) $to)),
                ];
            }
        }

        return $open;
    }

    /** @return list<string> */
    private static function holidays(string $from, string $until): array
    {
        return array_values(
            Holiday::query()->whereBetween('on', [$from, $until])->get()->map(fn (Holiday $h): string => $h->on->toDateString())->all(),
        );
    }

    /** @return list<array{0: float, 1: float}> */
    private static function spans(mixed $hours): array
    {
        try {
            return is_string($hours) && $hours !== '' ? OpeningHours::read($hours)->spans : [];
        } catch (OutOfRange) {
            return [];
        }
    }

    private static function hours(CarbonImmutable $from, CarbonImmutable $to): float
    {
        return ($to->getTimestamp() - $from->getTimestamp()) / 3600;
    }
}
