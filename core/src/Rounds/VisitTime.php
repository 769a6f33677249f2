<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Water\Hose;

/** How long a visit takes (S-12): setup, tasks, water, report; what the last five took overrides the sum. */
final readonly class VisitTime
{
    public const SETUP_MIN = 10.0;

    public const REPORT_MIN = 5.0;

    public const LEARNS_FROM = 5;

    private function __construct(public float $minutes, public bool $learned)
    {
    }

    /**
     * @param  list<float>  $taskMin
     * @param  float  $litresMoved  out and in each count once
     * @param  list<float>  $lastActualMin  newest first
     *
     * @throws OutOfRange
     */
    public static function of(array $taskMin, float $litresMoved = 0, float $flowLh = Hose::USUAL_LH, array $lastActualMin = []): self
    {
        if (count($lastActualMin) >= self::LEARNS_FROM) {
            $last = array_slice($lastActualMin, 0, self::LEARNS_FROM);
            sort($last);

            return new self($last[intdiv(self::LEARNS_FROM, 2)], true);
        }
        $water = 60 * Guard::notNegative('litresMoved', $litresMoved) / Guard::positive('flowLh', $flowLh);

        return new self(self::SETUP_MIN + array_sum($taskMin) + $water + self::REPORT_MIN, false);
    }
}
