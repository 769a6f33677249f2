<?php

declare(strict_types=1);

namespace Velbrin\Core\Hydraulics;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * The speed near the bed at which sand begins to move (B-31): Shields’ threshold in Soulsby’s form (1997), carried up to 50 mm by the
 * law of the wall over a bed of that grain.
 */
final class GrainMotion
{
    /** Aragonite, kg/m³. */
    public const GRAIN_KG_M3 = 2800.0;

    private const WATER_KG_M3 = 1025.0;

    private const G = 9.81;

    private const KARMAN = 0.4;

    /** Where the speed is given, above the bed. */
    public const ABOVE_MM = 50.0;

    /**
     * m/s, 50 mm above the bed.
     *
     * @param  float  $grainMm  0.05–10
     *
     * @throws OutOfRange
     */
    public static function speedMs(float $grainMm, float $grainKgM3 = self::GRAIN_KG_M3): float
    {
        $d = Guard::within('grainMm', $grainMm, 0.05, 10) / 1000;
        $shear = sqrt(self::thresholdPa($grainMm, $grainKgM3) / self::WATER_KG_M3);

        return ($shear / self::KARMAN) * log(self::ABOVE_MM / 1000 / ($d / 12));
    }

    /** Bed stress at which it begins, N/m². */
    public static function thresholdPa(float $grainMm, float $grainKgM3 = self::GRAIN_KG_M3): float
    {
        $d = $grainMm / 1000;
        $lighter = $grainKgM3 - self::WATER_KG_M3;
        $size = $d * ((($lighter / self::WATER_KG_M3) * self::G) / Pipe::VISCOSITY_M2S ** 2) ** (1 / 3);
        $shields = 0.3 / (1 + 1.2 * $size) + 0.055 * (1 - exp(-0.02 * $size));

        return $shields * $lighter * self::G * $d;
    }
}
