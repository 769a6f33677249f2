<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Moves\BoxTemperature;
use Velbrin\Core\Moves\BoxWall;
use Velbrin\Core\Moves\Course\Timetable;
use Velbrin\Core\Moves\Leg;
use Velbrin\Core\Seawater\Seawater;

/** The temperature of a box over its way as the course has it: room, carry, truck, carry, room (M-23). */
final class Warmth
{
    /** Carried through the open with something in the hands, hours: a trip of either end. */
    private const MIN_PER_H = 60;

    /** Of rock that is only damp, kJ/(kg K) (M-23). */
    private const ROCK_KJ_KG_K = 0.84;

    /** @return BoxTemperature|null null: nobody has said how cold or warm it is on the way */
    public static function of(MoveBrief $brief, Box $box, Timetable $day, string $from): ?BoxTemperature
    {
        $legs = self::legs($brief, $box->inCabin, $day, $from, 'animals');
        $startC = $brief->waters->old['temperature'] ?? null;

        return $legs === null || $startC === null ? null : BoxTemperature::of(
            $box->litres,
            $box->outsideM2(),
            $box->wall,
            $startC,
            $legs,
            warmW: $box->warmW,
        );
    }

    /** Damp rock in a bin with a lid, as the water that would hold as much heat; null: its size, weight or the weather is not said. */
    public static function ofRock(MoveBrief $brief, Piece $rock, Timetable $day): ?BoxTemperature
    {
        $legs = self::legs($brief, false, $day, 'rock', 'scape');
        $startC = $brief->waters->old['temperature'] ?? null;
        if ($legs === null || $startC === null || ! $rock->isSized()) {
            return null;
        }
        [$long, $wide, $high] = [(float) $rock->lengthMm / 1000, (float) $rock->widthMm / 1000, (float) $rock->heightMm / 1000];

        return BoxTemperature::of(
            (float) $rock->kg * self::ROCK_KJ_KG_K / (Seawater::NEAR_J_PER_L_K / 1000),
            2 * ($long * $wide + $long * $high + $wide * $high),
            BoxWall::Bin,
            $startC,
            $legs,
        );
    }

    /** @return list<Leg>|null from one step to another */
    private static function legs(MoveBrief $brief, bool $inCabin, Timetable $day, string $from, string $until): ?array
    {
        $way = $brief->way;
        $ridesC = $inCabin ? $way->cabinC : $way->loadC ?? $way->outdoorC;
        if ($way->outdoorC === null || $ridesC === null || $way->roomFromC === null || $way->roomToC === null) {
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
        $legs[] = Leg::of(max(0, ($start[$until] ?? $day->finishMin) - $gone) / self::MIN_PER_H, $way->roomToC);

        return $legs;
    }
}
