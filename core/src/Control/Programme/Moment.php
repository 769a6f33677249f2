<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** A moment as the head of a controller knows it: seconds that never go back, and what the clock on the wall shows. */
final readonly class Moment
{
    private const DAY_MIN = 1440.0;

    /**
     * @param  float  $atS  s, from any fixed moment
     * @param  int  $day  on the wall: its number, counted from any fixed day
     * @param  float  $minute  of the day on the wall, 0 to 1 440
     */
    public function __construct(public float $atS, public int $day, public float $minute)
    {
    }

    /** Of the day on the wall, so many seconds later, where no clock is changed between. */
    public function minuteAfter(float $seconds): float
    {
        $minute = $this->minute + $seconds / 60;

        return $minute - floor($minute / self::DAY_MIN) * self::DAY_MIN;
    }

    /** So many seconds later, where no clock is changed between. */
    public function plus(float $seconds): self
    {
        $minute = $this->minute + $seconds / 60;
        $days = (int) floor($minute / self::DAY_MIN);

        return new self($this->atS + $seconds, $this->day + $days, $minute - $days * self::DAY_MIN);
    }
}
