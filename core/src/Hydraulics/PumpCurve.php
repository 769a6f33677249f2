<?php

declare(strict_types=1);

namespace Velbrin\Core\Hydraulics;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Solve;

/** What a pump gives at full speed: H = Hmax·(1 − (Q/Qmax)²), or straight between points read from its sheet (B-23). */
final readonly class PumpCurve
{
    /** @param  list<array{0: float, 1: float}>  $points  flow L/h and head m, by rising flow; empty for the parabola */
    private function __construct(
        /** Head without flow, m. */
        public float $maxHeadM,
        /** Flow without head, L/h. */
        public float $maxFlowLh,
        private array $points,
        /** Pumps side by side into one line. */
        private int $beside = 1,
    ) {
    }

    /** @throws OutOfRange */
    public static function parabola(float $maxHeadM, float $maxFlowLh): self
    {
        return new self(Guard::positive('maxHeadM', $maxHeadM), Guard::positive('maxFlowLh', $maxFlowLh), []);
    }

    /**
     * @param  list<array{0: float, 1: float}>  $points  flow L/h and head m, in any order; two or more
     *
     * @throws OutOfRange when the head rises with the flow, or two points share a flow
     */
    public static function through(array $points): self
    {
        usort($points, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        if (count($points) < 2) {
            throw OutOfRange::field('curve', Phrase::OnePointIsNoCurve, Phrase::TwoPointsOrMore);
        }
        foreach ($points as $i => [$flow, $head]) {
            if ($i > 0 && ($flow <= $points[$i - 1][0] || $head >= $points[$i - 1][1])) {
                throw OutOfRange::field(
                    'curve',
                    Phrase::APumpsHeadFalls,
                    Phrase::PointsOfRisingFlowAndFalling,
                );
            }
        }
        // Beyond the last point the curve goes on as steep as it ended.
        [[$q1, $h1], [$q2, $h2]] = array_slice($points, -2);
        $runOut = $h2 <= 0 ? $q2 : $q2 + ($h2 * ($q2 - $q1)) / ($h1 - $h2);
        if ($h2 > 0) {
            $points[] = [$runOut, 0.0];
        }

        return new self($points[0][1], $runOut, $points);
    }

    /** That many alike into one line: their flows add at the same head. */
    public function beside(int $pumps): self
    {
        return new self($this->maxHeadM, $this->maxFlowLh, $this->points, $pumps);
    }

    public function runOutLh(): float
    {
        return $this->beside * $this->maxFlowLh;
    }

    /** Head at that flow, m; below zero past the run-out. */
    public function headM(float $flowLh): float
    {
        $q = $flowLh / $this->beside;
        if ($this->points === []) {
            return $this->maxHeadM * (1 - ($q / $this->maxFlowLh) ** 2);
        }
        if ($q <= $this->points[0][0]) {
            return $this->points[0][1];
        }
        $last = count($this->points) - 1;
        for ($i = 1; $i < $last && $q > $this->points[$i][0]; $i++);
        [[$q1, $h1], [$q2, $h2]] = [$this->points[$i - 1], $this->points[$i]];

        return $h1 + (($h2 - $h1) * ($q - $q1)) / ($q2 - $q1);
    }

    /** Share of full speed that gives that flow at that head, by the affinity laws: Q ∝ n, H ∝ n². Above 1 the pump cannot. */
    public function speedFor(float $flowLh, float $headM): float
    {
        if ($this->points === []) {
            return sqrt(($headM + $this->maxHeadM * ($flowLh / $this->runOutLh()) ** 2) / $this->maxHeadM);
        }

        return Solve::rising(fn (float $s): float => $s ** 2 * $this->headM($flowLh / $s) - $headM, 1e-3, 10.0);
    }
}
