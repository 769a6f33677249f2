<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** A stretch of a box’s way in one surrounding: a room, the carry, the truck, a wait. */
final readonly class Leg
{
    /** Of the sun that falls on a box warms it. */
    private const ABSORBED = 0.6;

    private function __construct(public float $hours, public float $airC, public bool $isWindy, public float $sunWM2)
    {
    }

    /**
     * @param  float  $sunWM2  on the share of its outside that the sun sees, W/m²
     *
     * @throws OutOfRange
     */
    public static function of(float $hours, float $airC, bool $isWindy = false, float $sunWM2 = 0.0): self
    {
        Guard::notNegative('hours', $hours);
        Guard::within('airC', $airC, -40, 60);
        Guard::within('sunWM2', $sunWM2, 0, 1400);

        return new self($hours, $airC, $isWindy, $sunWM2);
    }

    /** What the box feels: sun lifts the air by what its outside does not carry off, so that insulation is never worse. */
    public function feltC(): float
    {
        return $this->airC + self::ABSORBED * $this->sunWM2 * BoxWall::outside($this->isWindy);
    }
}
