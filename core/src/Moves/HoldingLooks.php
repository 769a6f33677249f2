<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

/** When a holding is tested while animals are in it (M-16): twice before ammonia can harm, once a day at least. */
final class HoldingLooks
{
    private const DAY_H = 24.0;

    /** Days that are booked at once; whoever needs longer books on. */
    public const DAYS = 7;

    /** Hours between two tests. */
    public static function everyH(?HoldingCare $care): float
    {
        return $care === null || ! is_finite($care->hoursToMost)
            ? self::DAY_H
            : max(1.0, min(self::DAY_H, floor($care->hoursToMost / 2)));
    }

    /** What is done at each look. */
    public static function text(string $holding, ?string $person, ?HoldingCare $care, float $changeEveryH): string
    {
        $change = $care === null || $care->changeShare <= 0
            ? ''
            : sprintf(' Change %d %% every %d h.', (int) ceil(100 * min(1.0, $care->changeShare)), (int) $changeEveryH);

        return sprintf(
            '%s: ammonia, temperature, salinity every %d h; lid, air and heater looked at.%s%s',
            $holding,
            (int) self::everyH($care),
            $change,
            $person === null ? '' : " {$person} looks after it.",
        );
    }
}
