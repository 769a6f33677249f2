<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Emergency\Views\HarmCourseView;
use App\Systems\System;
use App\Systems\SystemBrief;
use Carbon\CarbonImmutable;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic\PowerCutRoom;
use Velbrin\Core\Emergency\BreakerOff;
use Velbrin\Core\Emergency\Clock;
use Velbrin\Core\Emergency\Course;
use Velbrin\Core\Emergency\EmergencyKind;
use Velbrin\Core\Emergency\HoursTable;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\TemperatureFault;
use Velbrin\Core\Risk\TimeToHarm;
use Velbrin\Core\Risk\Tonight;

/** How long there is: every clock of an incident as computed and as its readings put it right, and what a breaker that is out begins. */
final class IncidentClocks
{
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

    public static function now(): float
    {
        return (float) CarbonImmutable::now()->format('U.v');
    }
}
