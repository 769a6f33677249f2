<?php

declare(strict_types=1);

namespace Velbrin\Core\Hydraulics;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** A pump’s curve against its line’s, and where they meet (B-23). */
final readonly class PumpChart
{
    private const POINTS = 41;

    /** @param  list<array{flowLh: float, pumpM: float, lineM: float}>  $points */
    private function __construct(
        public array $points,
        public ReturnFlow $meets,
        public float $staticM,
        public float $plannedLh,
        /** Head the line asks for at the planned flow, m. */
        public float $plannedHeadM,
        /** Share of full speed that gives the planned flow, by the affinity laws; above 1 the pump cannot. */
        public float $speed,
    ) {
    }

    /** @throws OutOfRange */
    public static function of(float $maxHeadM, float $maxFlowLh, float $staticM, Pipe $pipe, float $plannedLh): self
    {
        $meets = ReturnFlow::of($maxHeadM, $maxFlowLh, $staticM, $pipe);
        Guard::positive('plannedLh', $plannedLh);
        $line = fn (float $q): float => $staticM + ($q <= 0 ? 0.0 : $pipe->lossM($pipe->velocityMs($q)));
        $points = [];
        $to = max($maxFlowLh, $plannedLh);
        for ($n = 0; $n < self::POINTS; $n++) {
            $q = $to * $n / (self::POINTS - 1);
            $points[] = ['flowLh' => $q, 'pumpM' => $maxHeadM * (1 - ($q / $maxFlowLh) ** 2), 'lineM' => $line($q)];
        }
        // H = s²·Hmax − Hmax·(Q/Qmax)² at speed s: solved for the s that meets the line at the planned flow.
        $speed = sqrt(($line($plannedLh) + $maxHeadM * ($plannedLh / $maxFlowLh) ** 2) / $maxHeadM);

        return new self($points, $meets, $staticM, $plannedLh, $line($plannedLh), $speed);
    }
}
