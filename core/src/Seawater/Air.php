<?php

declare(strict_types=1);

namespace Velbrin\Core\Seawater;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** The air over the water: less of it on a mountain, and so less oxygen dissolved (W-12). */
final class Air
{
    public const SEA_LEVEL_KPA = 101.325;

    /** Mean pressure at an altitude, kPa (ISO 2533 standard atmosphere), −500–6 000 m. */
    public static function pressureKpa(float $altitudeM): float
    {
        return self::SEA_LEVEL_KPA * (1 - 2.25577e-5 * Guard::within('altitudeM', $altitudeM, -500, 6000)) ** 5.25588;
    }

    /**
     * Share of the sea-level saturation that is left: (P − p_w)/(101.325 − p_w), p_w over water at that temperature.
     *
     * @throws OutOfRange
     */
    public static function share(float $altitudeM, float $tempC): float
    {
        $vapour = 0.61094 * exp((17.625 * Guard::within('tempC', $tempC, 0, 40)) / ($tempC + 243.04));

        return (self::pressureKpa($altitudeM) - $vapour) / (self::SEA_LEVEL_KPA - $vapour);
    }
}
