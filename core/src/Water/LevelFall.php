<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Vessel\VesselVolume;

/** Litres of a change from how far the level fell or rose (W-64). */
final class LevelFall
{
    /** Open water of a vessel, m²: the inside less the rock’s share, taken as even over the depth. */
    public static function netAreaM2(VesselVolume $volume): float
    {
        return $volume->footprintM2 * (1 - $volume->rockL / $volume->grossL);
    }

    /**
     * A square metre, a millimetre deep, is a litre.
     *
     * @throws OutOfRange
     */
    public static function litres(float $netAreaM2, float $fallMm): float
    {
        return Guard::positive('netAreaM2', $netAreaM2) * Guard::notNegative('fallMm', $fallMm);
    }
}
