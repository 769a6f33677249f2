<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** The hours in which only what cannot wait wakes anybody (K-14): the same night in which a call is heard late (R-48). */
final readonly class QuietHours
{
    private const FROM_MIN = 1320.0;

    private const UNTIL_MIN = 420.0;

    private const DAY_MIN = 1440.0;

    /**
     * Minutes until they end; null: it is not night.
     *
     * @param  float  $minute  of the day, 0 ≤ minute < 1440, on the company's clock
     *
     * @throws OutOfRange
     */
    public static function leftMin(float $minute): ?float
    {
        Guard::within('minute', $minute, 0, self::DAY_MIN);

        return match (true) {
            $minute < self::UNTIL_MIN => self::UNTIL_MIN - $minute,
            $minute >= self::FROM_MIN => self::DAY_MIN - $minute + self::UNTIL_MIN,
            default => null,
        };
    }
}
