<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Measure\Guard;

/** Which half of the year a place's rooms are in: the seven cold months are winter. */
final class Season
{
    private const FROM = 10;

    private const UNTIL = 4;

    /** @param  int  $month  1 to 12, on the place's own calendar */
    public static function isWinter(int $month, bool $isSouth): bool
    {
        Guard::within('month', $month, 1, 12);
        $north = $isSouth ? (($month + 5) % 12) + 1 : $month;

        return $north >= self::FROM || $north <= self::UNTIL;
    }
}
