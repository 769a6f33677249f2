<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Heat\LimitSide;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Measure\OutOfRange;

/** The water's temperature after a fault, from its set point on (R-21). */
final readonly class TemperatureFault
{
    /** Later than that nothing is counted, h. */
    private const LONGEST_H = 50000.0;

    public function __construct(
        public TankHeat $heat,
        /** The water it is about, L. */
        public float $volumeL,
        public float $uaWK,
        public float $powerW,
        public float $roomC,
        public float $startC,
        /** It rises; else it falls. */
        public bool $warms,
        /** Where the thermostats that still work hold it; null: none does. */
        public ?float $heldC = null,
    ) {
    }

    /**
     * Hours until it crosses that temperature; 0 when it stands beyond it already, null when it never does.
     *
     * @throws OutOfRange
     */
    public function hoursTo(float $limitC): ?float
    {
        return $this->isHeld($limitC) ? null : $this->course($limitC)->hoursToLimit;
    }

    /**
     * Hours until it has stood so many kelvin hours beyond that temperature: cold is tolerated longer than heat (R-21).
     *
     * @throws OutOfRange
     */
    public function hoursBeyond(float $limitC, float $kelvinHours): ?float
    {
        $from = $this->hoursTo($limitC);
        if ($from === null || $kelvinHours <= 0) {
            return $from;
        }
        $step = 1.0;
        while ($this->beyondKh($limitC, $from, $from + $step) < $kelvinHours) {
            $step *= 2;
            if ($step > self::LONGEST_H) {
                return null;
            }
        }
        [$low, $high] = [$from, $from + $step];
        while ($high - $low > 1e-4) {
            $middle = ($low + $high) / 2;
            if ($this->beyondKh($limitC, $from, $middle) < $kelvinHours) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $high;
    }

    /** ∫ |T − limit| dt between two moments beyond it, in closed form. @throws OutOfRange */
    private function beyondKh(float $limitC, float $from, float $until): float
    {
        $course = $this->course($limitC);
        if ($course->settlesC === null || $course->timeConstantH === null) {
            $middle = $this->afterC(($from + $until) / 2);

            return abs($middle - $limitC) * ($until - $from);
        }
        $tau = $course->timeConstantH;
        $span = ($course->settlesC - $limitC) * ($until - $from)
            - ($this->startC - $course->settlesC) * $tau * (exp(-$until / $tau) - exp(-$from / $tau));

        return abs($span);
    }

    /** Where it ends. @throws OutOfRange */
    public function settlesC(): float
    {
        $course = $this->course($this->startC);
        $settles = $course->settlesC ?? ($this->warms ? INF : -INF);
        if (! is_finite($settles)) {
            $settles = $this->startC;
        }

        return match (true) {
            $this->heldC === null => $settles,
            // Thermostats that still work do not carry it beyond the set point.
            $this->warms => max($settles, $this->heldC),
            default => min($settles, $this->heldC),
        };
    }

    /** Where it stands after so many hours. @throws OutOfRange */
    public function afterC(float $hours): float
    {
        return TemperatureCourse::of(
            volumeL: $this->volumeL,
            uaWK: $this->uaWK,
            powerW: $this->powerW,
            evaporationW: $this->evaporationW(),
            roomC: $this->roomC,
            startC: $this->startC,
            hours: max(0.0, $hours),
            limitC: $this->startC,
            limitSide: LimitSide::Upper,
        )->tempC;
    }

    /** @throws OutOfRange */
    public function course(float $limitC): TemperatureCourse
    {
        return TemperatureCourse::of(
            volumeL: $this->volumeL,
            uaWK: $this->uaWK,
            powerW: $this->powerW,
            evaporationW: $this->evaporationW(),
            roomC: $this->roomC,
            startC: $this->startC,
            hours: 24,
            limitC: $limitC,
            limitSide: $this->warms ? LimitSide::Upper : LimitSide::Lower,
        );
    }

    /** Taken at the start (R-22). */
    public function evaporationW(): float
    {
        return $this->heat->evaporation($this->startC, $this->roomC)->watts;
    }

    /** A limit on the other side of where the working thermostats hold it is not met. */
    private function isHeld(float $limitC): bool
    {
        $settles = $this->settlesC();

        return $this->warms
            ? $limitC > $this->startC && $settles <= $limitC
            : $limitC < $this->startC && $settles >= $limitC;
    }
}
