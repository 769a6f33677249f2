<?php

declare(strict_types=1);

namespace Velbrin\Core\Hydraulics;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** A pump’s curve against its line’s, and where they meet (B-23). */
final readonly class PumpChart
{
    private const POINTS = 41;

    /**
     * @param  list<array{flowLh: float, pumpM: float, lineM: float}>  $points
     * @param  list<float>  $outletsLh
     */
    private function __construct(
        public array $points,
        public ReturnFlow $meets,
        public float $staticM,
        public float $plannedLh,
        /** Head the line asks for at the planned flow, m. */
        public float $plannedHeadM,
        /** Share of full speed that gives the planned flow, by the affinity laws; above 1 the pump cannot. */
        public float $speed,
        /** What each outlet brings where they meet, L/h; empty for a single one. */
        public array $outletsLh,
        /** Drawn off at the pump, L/h. */
        public float $drawsLh,
    ) {
    }

    /**
     * Flows are those of the line to the display; the pump's head is what it has left beside the draws.
     *
     * @throws OutOfRange
     */
    public static function of(PumpCurve $curve, float $staticM, ReturnLine $line, float $plannedLh): self
    {
        $meets = ReturnFlow::meet($curve, $staticM, $line);
        Guard::positive('plannedLh', $plannedLh);
        $points = array_map(
            fn (array $at): array => [
                'flowLh' => $at[0],
                'pumpM' => $curve->headM($at[0] + $line->drawsLh),
                'lineM' => $staticM + $at[1],
            ],
            $line->curve(max($curve->runOutLh() - $line->drawsLh, $plannedLh), self::POINTS),
        );
        $asked = $staticM + $line->lossM($plannedLh);

        return new self(
            points: $points,
            meets: $meets,
            staticM: $staticM,
            plannedLh: $plannedLh,
            plannedHeadM: $asked,
            speed: $curve->speedFor($plannedLh + $line->drawsLh, $asked),
            outletsLh: $line->split($meets->flowLh),
            drawsLh: $line->drawsLh,
        );
    }
}
