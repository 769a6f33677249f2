<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** Water that stands in a riser and comes down with it: full, or an open stack that carries a film and air. */
final class RiserLitres
{
    /** Of its section an open stack is filled with water. */
    private const OPEN_SHARE = 7 / 24;

    /** @throws OutOfRange */
    public static function of(float $boreMm, float $lengthMm, bool $isOpen = false): float
    {
        $full = (M_PI * Guard::positive('boreMm', $boreMm) ** 2 * Guard::notNegative('lengthMm', $lengthMm)) / 4 / 1e6;

        return $isOpen ? $full * self::OPEN_SHARE : $full;
    }
}
