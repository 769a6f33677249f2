<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Moves\BoxTemperature;
use Velbrin\Core\Moves\Course\Timetable;
use Velbrin\Core\Moves\Leg;

/** The temperature of a box over its way as the course has it: room, carry, truck, carry, room (M-23). */
final class Warmth
{
    /** Carried through the open with something in the hands, hours: a trip of either end. */
    private const MIN_PER_H = 60;

    /** @return BoxTemperature|null null: nobody has said how cold or warm it is on the way */
    public static function of(MoveBrief $brief, Box $box, Timetable $day, string $from): ?BoxTemperature
    {
        $way = $brief->way;
        $startC = $brief->waters->old['temperature'] ?? null;
        $ridesC = $box->inCabin ? $way->cabinC : $way->loadC ?? $way->outdoorC;
        if ($startC === null || $way->outdoorC === null || $ridesC === null || $way->roomFromC === null || $way->roomToC === null) {
            return null;
        }
        $start = $day->plan->starts;
        $carryH = fn (float $metres, int $flights): float => StepMinutes::carrying(1, $metres, $flights) / self::MIN_PER_H;
        $drivesFrom = $start['load'] ?? null;
        $arrives = $start['unload'] ?? null;
        $legs = [];
        if ($drivesFrom !== null && $arrives !== null) {
            $outH = $carryH($way->carryFromM, $way->flightsFrom);
            $inH = $carryH($way->carryToM, $way->flightsTo);
            $legs[] = Leg::of(max(0, $drivesFrom - $start[$from]) / self::MIN_PER_H, $way->roomFromC);
            $legs[] = Leg::of($outH, $way->outdoorC, $way->isWindy, $way->sunWM2);
            // The first box in rides longest.
            $legs[] = Leg::of(max(0.0, ($arrives - $drivesFrom) / self::MIN_PER_H - $outH), $ridesC);
            $legs[] = Leg::of($inH, $way->outdoorC, $way->isWindy, $way->sunWM2);
        }
        $gone = $drivesFrom === null || $arrives === null ? $start[$from] : $arrives;
        $legs[] = Leg::of(max(0, ($start['animals'] ?? $day->finishMin) - $gone) / self::MIN_PER_H, $way->roomToC);

        return BoxTemperature::of($box->litres, $box->outsideM2(), $box->wall, $startC, $legs);
    }
}
