<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Clients\Contact;
use App\Clients\Site;
use App\Emergency\Views\HarmCourseView;
use App\Risk\Around;
use App\Risk\Helpers;
use App\Risk\Night;
use App\Risk\TonightReader;
use App\Stores\Shelves;
use App\Stores\Stock;
use App\Stores\StockPlace;
use App\Systems\Item;
use App\Systems\OffDevices;
use App\Systems\System;
use App\Systems\SystemBrief;
use App\Team\User;
use Carbon\CarbonImmutable;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic\PowerCutRoom;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Emergency\Action;
use Velbrin\Core\Emergency\BreakerOff;
use Velbrin\Core\Emergency\Clock;
use Velbrin\Core\Emergency\CoolByChange;
use Velbrin\Core\Emergency\Course;
use Velbrin\Core\Emergency\EmergencyKind;
use Velbrin\Core\Emergency\FirstThree;
use Velbrin\Core\Emergency\HoursTable;
use Velbrin\Core\Emergency\Own;
use Velbrin\Core\Emergency\Rewarm;
use Velbrin\Core\Emergency\StayOrGo;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\TemperatureFault;
use Velbrin\Core\Risk\TimeToHarm;
use Velbrin\Core\Risk\Tonight;
use Velbrin\Core\Rounds\Spot;

/** The reader between records and an emergency: what this place has, how long there is, who and what is near. */
final class IncidentDesk
{
    public function __construct(private readonly OffDevices $off, private readonly Shelves $shelves)
    {
    }

    public function own(System $system, ?Course $course, ?Tonight $tank): Own
    {
        $shut = ShutOff::query()->where('site_id', $system->site_id)->get()->keyBy(fn (ShutOff $s): string => $s->kind->value);
        $words = fn (ShutOffKind $kind): ?string => $shut->get($kind->value)?->words;
        $draining = $tank?->waterside?->draining;

        return new Own(
            board: $words(ShutOffKind::Board),
            waterStop: $words(ShutOffKind::WaterStop),
            drains: $words(ShutOffKind::Drains),
            roomSwitch: $words(ShutOffKind::RoomSwitch),
            mayBoard: $shut->has(ShutOffKind::Board->value),
            wet: $course?->wet,
            batteryAir: $tank !== null && $tank->batteryH > 0,
            hasTopOff: $tank?->waterside?->topUp !== null,
            spilling: $course?->spilling,
            sumpTakesAll: $draining === null ? null : $draining->floodsH() === null,
            roomIsCold: $tank === null || $tank->roomC < $tank->setpointC,
        );
    }

    public function tank(System $system): Tonight|string
    {
        return TonightReader::read($system, Night::Tonight, $this->off->ids([$system->id]), Around::of(collect([$system])));
    }

    /** @return list<array{code: string, says: string, caution: string|null}> */
    public static function firstThree(EmergencyKind $kind, Own $own, Units $units): array
    {
        return self::inWords(FirstThree::of($kind, $own), $units);
    }

    /** @return list<array{code: string, says: string, caution: string|null}> what comes once the three are done */
    public static function then(EmergencyKind $kind, Own $own, Units $units): array
    {
        return self::inWords(FirstThree::then($kind, $own), $units);
    }

    /**
     * @param  list<Action>  $actions
     * @return list<array{code: string, says: string, caution: string|null}>
     */
    private static function inWords(array $actions, Units $units): array
    {
        return array_map(
            fn (Action $a): array => ['code' => $a->code, 'says' => $a->says->in($units), 'caution' => $a->caution?->in($units)],
            $actions,
        );
    }

    /** @return list<string> */
    public static function never(EmergencyKind $kind, Units $units): array
    {
        return array_map(fn (Sentence $s): string => $s->in($units), FirstThree::never($kind));
    }

    /**
     * Every clock that runs, the shortest first.
     *
     * @return list<array{
     *     by: string, limit: string, leftH: float|null, computedH: float|null, fittedH: float|null, needs: list<string>, breaker: bool,
     *     course: HarmCourseView|null
     * }>
     */
    public static function clocks(EmergencyKind $kind, Tonight $tank, Course $course, float $beganS, float $nowS, Units $units): array
    {
        $hazard = $kind->hazard();
        $clocks = $hazard === null ? [] : self::clocksOf($hazard, $tank, $course, $beganS, $nowS, $units);
        // Whoever took the breaker out began a power cut of their own.
        if ($course->breakerOffS !== null && $hazard !== Hazard::PowerCut) {
            array_push($clocks, ...array_map(
                fn (array $c): array => [...$c, 'breaker' => true],
                self::clocksOf(Hazard::PowerCut, $tank, $course, $course->breakerOffS, $nowS, $units),
            ));
        }

        return self::near($clocks);
    }

    /**
     * The shortest first. What is days away is no clock yet; a course that readings may shorten is.
     *
     * @template T of array{leftH: float|null, course: HarmCourseView|null, ...}
     *
     * @param  list<T>  $clocks
     * @return list<T>
     */
    private static function near(array $clocks): array
    {
        usort($clocks, fn (array $a, array $b): int => ($a['leftH'] ?? INF) <=> ($b['leftH'] ?? INF));
        $isNear = fn (array $c, int $n): bool => $n === 0 || $c['course'] !== null || Clock::isNear($c['leftH']);

        return array_values(array_filter($clocks, $isNear, ARRAY_FILTER_USE_BOTH));
    }

    /**
     * What begins the moment somebody takes the breaker out, for a phone that cannot ask; null: it is out, or it is a power cut already.
     *
     * @return array{clocks: list<array<string, mixed>>, comesDown: string|null}|null
     */
    public static function ifBreaker(System $system, EmergencyKind $kind, Tonight|string $tank, Course $course, Units $units): ?array
    {
        if ($course->breakerOffS !== null || $kind->hazard() === Hazard::PowerCut) {
            return null;
        }
        $nowS = self::now();
        $clocks = is_string($tank) ? [] : self::near(self::clocksOf(Hazard::PowerCut, $tank, $course, $nowS, $nowS, $units));

        return [
            'clocks' => array_map(fn (array $c): array => [...$c, 'breaker' => true], $clocks),
            'comesDown' => self::withTheBreaker($system, $units),
        ];
    }

    /** What the breaker that is out brings down besides; null: it is not out, or nobody has described the sump. */
    public static function comesDown(System $system, Course $course, Units $units): ?string
    {
        return $course->breakerOffS === null ? null : self::withTheBreaker($system, $units);
    }

    private static function withTheBreaker(System $system, Units $units): ?string
    {
        try {
            $facts = Facts::of(SystemBrief::running($system));

            return BreakerOff::comesDown(PowerCutRoom::downL($facts), SumpWater::of($facts)->spareL())->in($units);
        } catch (Missing|OutOfRange) {
            return null;
        }
    }

    /**
     * @return list<array{
     *     by: string, limit: string, leftH: float|null, computedH: float|null, fittedH: float|null, needs: list<string>, breaker: bool,
     *     course: HarmCourseView|null
     * }>
     */
    private static function clocksOf(Hazard $hazard, Tonight $tank, Course $course, float $beganS, float $nowS, Units $units): array
    {
        $now = max(0.0, ($nowS - $beganS) / 3600);
        $clocks = [];
        foreach (TimeToHarm::of($hazard, $tank) as $harm) {
            if ($harm->hours === null) {
                continue;
            }
            $clock = $harm->by === 'temperature'
                ? self::temperature($hazard, $tank, $course, $beganS, $now)
                : Clock::of([], $now, fn (): float => $harm->hours, 0.0, 0.0, false);
            $clocks[] = [
                'by' => $harm->by,
                'limit' => $units->show($harm->limit),
                'leftH' => $clock->leftH,
                'computedH' => $clock->computedH,
                'fittedH' => $clock->fittedH,
                'needs' => $harm->needs,
                'breaker' => false,
                'course' => $harm->by === 'temperature' ? self::harmCourse($hazard, $tank, $course, $beganS) : null,
            ];
        }

        return $clocks;
    }

    private static function temperature(Hazard $hazard, Tonight $tank, Course $course, float $beganS, float $nowH): Clock
    {
        $limit = $hazard->warms($tank) ? $tank->highC : $tank->lowC;
        $readings = array_map(
            fn (array $r): array => ['atH' => max(0.0, ($r['atS'] - $beganS) / 3600), 'value' => $r['value']],
            $course->temperatures,
        );
        $readings = array_values(array_filter($readings, fn (array $r): bool => $r['atH'] <= $nowH));

        return Clock::of($readings, $nowH, self::hoursFrom($hazard, $tank, $limit), $tank->setpointC, $limit, $hazard->warms($tank));
    }

    /** What a phone needs to put the hours right by itself. */
    private static function harmCourse(Hazard $hazard, Tonight $tank, Course $course, float $beganS): HarmCourseView
    {
        $limit = $hazard->warms($tank) ? $tank->highC : $tank->lowC;

        return HarmCourseView::of(
            HoursTable::of(self::hoursFrom($hazard, $tank, $limit), $limit, $tank->setpointC),
            $limit,
            $tank->setpointC,
            $hazard->warms($tank),
            $beganS,
            array_values(array_filter($course->temperatures, fn (array $r): bool => $r['atS'] <= self::now())),
        );
    }

    /** @return \Closure(float): (float|null) hours from a value to the limit as computed; null: never */
    private static function hoursFrom(Hazard $hazard, Tonight $tank, float $limit): \Closure
    {
        $fault = TimeToHarm::temperature($hazard, $tank);

        return fn (float $startC): ?float => $fault === null ? null : (new TemperatureFault(
            heat: $fault->heat,
            volumeL: $fault->volumeL,
            uaWK: $fault->uaWK,
            powerW: $fault->powerW,
            roomC: $fault->roomC,
            startC: $startC,
            warms: $fault->warms,
        ))->hoursTo($limit);
    }

    /** @return list<array{name: string, phone: string|null, what: string}> whom to ring, in this order */
    public function chain(Site $site): array
    {
        $ours = array_map(
            fn (User $u): array => ['name' => $u->name, 'phone' => $u->phone, 'what' => 'on call'],
            Helpers::onCall()->toRing($site, Night::Tonight),
        );
        $theirs = Contact::query()
            ->current()
            ->where('client_id', $site->client_id)
            ->where(fn ($c) => $c->whereNull('site_id')->orWhere('site_id', $site->id))
            ->orderByDesc('holds_key')
            ->orderBy('id')
            ->get()
            ->map(fn (Contact $c): array => [
                'name' => $c->name,
                'phone' => $c->phone,
                'what' => implode(', ', array_filter([
                    $c->role,
                    $c->holds_key ? 'holds the key' : null,
                    $c->language,
                    $c->can_operate === null ? null : "can operate {$c->can_operate}",
                    $c->training_owed === null ? null : "was never shown {$c->training_owed}",
                    $c->isStale() ? 'not confirmed for a year' : null,
                ])) ?: 'contact',
            ])
            ->all();

        return [...$ours, ...array_values($theirs)];
    }

    /**
     * Spares that may help with it, the nearest first.
     *
     * @return list<array{part: string, place: string, count: float, minutes: float|null}>
     */
    public function spares(System $system, EmergencyKind $kind): array
    {
        $jobs = match ($kind) {
            EmergencyKind::Cold => [Job::Heater],
            EmergencyKind::Hot => [Job::Fan, Job::Chiller],
            EmergencyKind::ReturnDead, EmergencyKind::DrainBlocked => [Job::ReturnPump],
            EmergencyKind::ControllerDead => [Job::Controller, Job::Heater],
            EmergencyKind::PowerCut => [Job::Battery],
            default => [],
        };
        $spot = $system->site?->lat === null || $system->site->lon === null ? null : new Spot($system->site->lat, $system->site->lon);
        $found = $this->shelves->good()
            ->filter(fn (Stock $s): bool => ($s->part?->job !== null && in_array($s->part->job, $jobs, true))
                || ($s->part?->ready_for !== null && in_array($s->part->ready_for->value, self::readyFor($kind), true)))
            ->filter(fn (Stock $s): bool => $s->place?->kind !== StockPlace::SITE || $s->place->site_id === $system->site_id)
            ->map(fn (Stock $s): array => [
                'part' => (string) $s->part?->name,
                'place' => (string) $s->place?->name,
                'count' => $s->count,
                'minutes' => self::minutes($s, $system, $spot),
            ])
            ->sortBy(fn (array $s): float => $s['minutes'] ?? INF)
            ->values()
            ->all();

        return array_values($found);
    }

    /** @return list<string> */
    private static function readyFor(EmergencyKind $kind): array
    {
        return match ($kind) {
            EmergencyKind::PowerCut => ['air', 'power', 'heat'],
            EmergencyKind::Cold => ['heat'],
            EmergencyKind::Flood, EmergencyKind::Leak, EmergencyKind::DrainBlocked => ['floor', 'holding'],
            EmergencyKind::Ammonia, EmergencyKind::Overdose => ['water', 'filter', 'salt', 'ro'],
            EmergencyKind::ReturnDead => ['flow'],
            EmergencyKind::MoveWrong => ['holding', 'air', 'hides'],
            default => [],
        };
    }

    private static function minutes(Stock $stock, System $system, ?Spot $spot): ?float
    {
        $place = $stock->place;
        if ($place === null || $spot === null) {
            return null;
        }
        if ($place->site_id === $system->site_id) {
            return 0.0;
        }
        $depot = $place->depot;

        return $depot === null
            ? null
            : (new Spot($depot->lat, $depot->lon))->minutesTo($spot) + Spot::PARKING_MIN;
    }

    /** @return list<array{id: int, name: string, system: string, systemId: int}> who else has such a part at such an age (X-51) */
    public static function sameAge(Item $failed): array
    {
        if ($failed->installed_on === null) {
            return [];
        }
        $months = 3;

        return array_values(
            Item::query()
                ->where('job', $failed->job->value)
                ->whereNull('retired_at')
                ->whereKeyNot($failed->id)
                ->whereBetween('installed_on', [
                    $failed->installed_on->subMonths($months)->toDateString(),
                    $failed->installed_on->addMonths($months)->toDateString(),
                ])
                ->whereHas('system', fn ($s) => $s->current())
                ->with('system')
                ->orderBy('installed_on')
                ->limit(50)
                ->get()
                ->map(fn (Item $i): array => [
                    'id' => $i->id,
                    'name' => $i->name,
                    'system' => (string) $i->system?->name,
                    'systemId' => $i->system_id,
                ])
                ->all(),
        );
    }

    /**
     * Stay or go, by numbers (E-9); null: nobody has asked.
     *
     * @param  array{restore: float|null, boxes: float|null, catch: float|null, next: float|null}  $asked  hours
     * @param  list<array{leftH: float|null, ...}>  $clocks
     * @param  array{catchH: float, holdH: float|null, unboxed: list<string>, ...}|null  $go  worked out from what lives there
     * @return array{go: bool|null, words: string, tankH: float|null}|null
     */
    public static function stay(array $asked, array $clocks, ?array $go = null): ?array
    {
        if (array_filter($asked, fn (?float $h): bool => $h !== null) === []) {
            return null;
        }
        $left = array_filter(array_column($clocks, 'leftH'), is_float(...));
        $tankH = $left === [] ? null : min($left);
        // What somebody knows goes before what was worked out; with a kind left over nothing is worked out.
        $known = $go !== null && $go['unboxed'] === [] ? $go : ['holdH' => null, 'catchH' => null];
        $said = StayOrGo::of(
            $tankH,
            $asked['restore'],
            $asked['boxes'] ?? $known['holdH'],
            $asked['catch'] ?? $known['catchH'],
            $asked['next'],
        );

        return ['go' => $said->go, 'words' => $said->words(), 'tankH' => $tankH];
    }

    /**
     * Back to its set point from what was read last, where that is a degree or more below (E-11).
     *
     * @return array{hours: float|null, onMinPerH: float, neededW: float, heaterW: float, overshoots: bool}|null
     *
     * @throws OutOfRange
     */
    public static function rewarm(Tonight $tank, Course $course): ?array
    {
        $last = $course->temperatures === [] ? null : $course->temperatures[count($course->temperatures) - 1]['value'];
        if ($last === null || ! Rewarm::isAsked($last, $tank->setpointC)) {
            return null;
        }
        $rewarm = Rewarm::of(
            volumeL: $tank->volumeL,
            uaWK: $tank->heat->coldUaWK,
            roomC: $tank->roomC,
            fromC: $last,
            toC: $tank->setpointC,
            heaterW: $tank->heatersW(),
        );

        return [
            'hours' => $rewarm->hours,
            'onMinPerH' => $rewarm->onMinPerH,
            'neededW' => $rewarm->neededW,
            'heaterW' => $tank->heatersW(),
            'overshoots' => $rewarm->overshootK > Rewarm::OVER_K,
        ];
    }

    /**
     * A change with cooler matched water, where what was read last is too warm (E-7).
     *
     * @return list<array{litres: float, dropK: float, freshC: float}>
     *
     * @throws OutOfRange
     */
    public static function cooling(Tonight $tank, Course $course): array
    {
        $last = $course->temperatures === [] ? null : $course->temperatures[count($course->temperatures) - 1]['value'];

        return $last === null
            ? []
            : array_map(
                fn (CoolByChange $c): array => ['litres' => $c->litres, 'dropK' => $c->dropK, 'freshC' => $c->freshC],
                CoolByChange::offered($tank->volumeL, $last, $tank->setpointC),
            );
    }

    /** Litres of a kind of harm in words, for a sheet: "18 °C after 12 h". */
    public static function hours(Hazard $hazard, Tonight $tank, Units $units): ?string
    {
        $harm = TimeToHarm::of($hazard, $tank)[0] ?? null;

        return $harm?->hours === null ? null : self::harmWords($harm, $units);
    }

    private static function harmWords(Harm $harm, Units $units): string
    {
        $after = $units->show(Quantity::of((float) $harm->hours, Kind::Hours));

        return match ($harm->by) {
            'oxygen' => "air for {$after}",
            'floor' => "on the floor after {$after}",
            'temperature' => "{$units->show($harm->limit)} after {$after}",
            default => "{$harm->by} after {$after}",
        };
    }

    public static function now(): float
    {
        return (float) CarbonImmutable::now()->format('U.v');
    }
}
