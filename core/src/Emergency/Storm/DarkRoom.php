<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency\Storm;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** A room nobody heats or cools any more: from what it was to the weather outside, e-fold by e-fold. */
final readonly class DarkRoom
{
    /**
     * @param  float  $startC  when the power goes
     * @param  float  $outsideC  steady, its worst
     * @param  float  $hours  in which it goes 63 % of the way (assumed, the company's own rate)
     *
     * @throws OutOfRange
     */
    public function __construct(public float $startC, public float $outsideC, public float $hours)
    {
        Guard::finite('startC', $startC);
        Guard::finite('outsideC', $outsideC);
        Guard::positive('hours', $hours);
    }

    /** The room stays as it is: nobody has said what it is like outside. */
    public static function steady(float $roomC): self
    {
        return new self($roomC, $roomC, 1.0);
    }

    /** @param  float  $afterH  hours from the cut */
    public function at(float $afterH): float
    {
        return $this->outsideC + ($this->startC - $this->outsideC) * exp(-$afterH / $this->hours);
    }
}
