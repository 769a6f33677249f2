<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Water\Hose;

/** How long a visit takes (S-12): r × (setup + jobs + water + report). What is on it today decides; r learns how long things take there. */
final readonly class VisitTime
{
    public const SETUP_MIN = 10.0;

    public const REPORT_MIN = 5.0;

    public const LEARNS_FROM = 5;

    public const LEAST_RATIO = 0.5;

    public const MOST_RATIO = 2.0;

    private function __construct(public float $minutes, public float $ratio)
    {
    }

    /**
     * @param  list<float>  $partMin  jobs and water
     * @param  list<float>  $ratios  actual over planned of the last visits there, newest first; fewer than five teach nothing
     *
     * @throws OutOfRange
     */
    public static function of(array $partMin, array $ratios = []): self
    {
        foreach ($partMin as $minutes) {
            Guard::notNegative('minutes', $minutes);
        }
        $ratio = 1.0;
        if (count($ratios) >= self::LEARNS_FROM) {
            $last = array_slice($ratios, 0, self::LEARNS_FROM);
            sort($last);
            $ratio = min(self::MOST_RATIO, max(self::LEAST_RATIO, $last[intdiv(self::LEARNS_FROM, 2)]));
        }

        return new self($ratio * (self::SETUP_MIN + array_sum($partMin) + self::REPORT_MIN), $ratio);
    }

    /** Draining and filling so many litres. @throws OutOfRange */
    public static function waterMin(float $litres, float $flowLh = Hose::USUAL_LH): float
    {
        return (60 * Guard::notNegative('litres', $litres)) / Guard::positive('flowLh', $flowLh);
    }
}
