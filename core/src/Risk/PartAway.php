<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

/** Hours until a part is where it is needed, from when somebody was called (R-24). */
final class PartAway
{
    /** From a shelf into the car. */
    private const LOAD_H = 0.25;

    /** A drive nobody can work out. */
    private const USUAL_DRIVE_H = 1.0;

    private const H_A_DAY = 24;

    /**
     * @param  bool  $isThere  it lies at the place, or rides with whoever comes
     * @param  float|null  $driveMin  from where it lies; null: nobody knows where one of the two is
     */
    public static function lying(bool $isThere, ?float $driveMin): float
    {
        return match (true) {
            $isThere => 0.0,
            $driveMin === null => self::LOAD_H + self::USUAL_DRIVE_H,
            default => self::LOAD_H + $driveMin / 60,
        };
    }

    public static function ordered(int $days): float
    {
        return (float) (self::H_A_DAY * $days);
    }
}
