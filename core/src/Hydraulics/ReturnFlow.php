<?php

declare(strict_types=1);

namespace Velbrin\Core\Hydraulics;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** Where the pump's curve meets the line: its head against static head and losses (B-23). */
final readonly class ReturnFlow
{
    private function __construct(
        /** Through the line to the display. */
        public float $flowLh,
        /** On the pump's curve. */
        public float $headM,
        /** In the common line. */
        public float $velocityMs,
    ) {
    }

    /** @throws OutOfRange */
    public static function of(float $maxHeadM, float $maxFlowLh, float $staticM, Pipe $pipe): self
    {
        return self::meet(PumpCurve::parabola($maxHeadM, $maxFlowLh), $staticM, ReturnLine::of($pipe));
    }

    /**
     * What is drawn off at the pump takes its part of the curve first.
     *
     * @throws OutOfRange
     */
    public static function meet(PumpCurve $curve, float $staticM, ReturnLine $line): self
    {
        Guard::notNegative('staticM', $staticM);
        $at = $curve->headM($line->drawsLh);
        if ($staticM >= $at) {
            return new self(0.0, $at, 0.0);
        }
        $flow = $line->meet(fn (float $q): float => $curve->headM($q + $line->drawsLh) - $staticM, $curve->runOutLh());

        return new self($flow, $curve->headM($flow + $line->drawsLh), $line->velocityMs($flow));
    }
}
