<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** The weekday of a day counted from 1 January 1970, a Thursday: 1 Monday … 7 Sunday. */
final class Weekday
{
    public static function of(float $day): int
    {
        $since = ((int) floor($day) + 3) % 7;

        return ($since < 0 ? $since + 7 : $since) + 1;
    }

    /** The day itself, or the Monday after a Saturday or Sunday. */
    public static function overWeekend(float $day): float
    {
        return match (self::of($day)) {
            6 => $day + 2,
            7 => $day + 1,
            default => $day,
        };
    }
}
