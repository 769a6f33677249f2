<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Measure\Guard;

/** An alarm counts while somebody has made it call no longer ago than its interval (R-23). */
final class AlarmTest
{
    /** The day it no longer counts, as a count of days; null: nobody has tested it. */
    public static function dueDay(?int $testedDay, int $everyDays): ?int
    {
        Guard::positive('everyDays', $everyDays);

        return $testedDay === null ? null : $testedDay + $everyDays;
    }

    public static function counts(?int $dueDay, int $today): bool
    {
        return $dueDay !== null && $today < $dueDay;
    }
}
