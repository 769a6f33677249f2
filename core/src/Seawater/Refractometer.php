<?php

declare(strict_types=1);

namespace Velbrin\Core\Seawater;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Solve;

/**
 * A hand refractometer's reading as salinity (W-22). A scale made for sodium chloride solution is converted through
 * the refractive index of sea water (Quan & Fry 1995); a scale for sea water only needs its calibration fluid's error taken off.
 */
final class Refractometer
{
    /** Sodium D line, nm: what hand refractometers are made for. */
    private const LINE_NM = 589.3;

    /** Rise of the index of NaCl solution, per g/kg, 0–50 g/kg at 20 °C (CRC Handbook, concentrative properties). */
    private const NACL_PER_G_KG = 1.745e-4;

    /** Refractive index of sea water, S 0–35 (used to 42), 0–30 °C, 400–700 nm (Quan & Fry 1995). */
    public static function index(float $salinity, float $tempC, float $lineNm = self::LINE_NM): float
    {
        Guard::within('salinity', $salinity, 0, 42);
        Guard::within('tempC', $tempC, 0, 35);
        Guard::within('lineNm', $lineNm, 400, 700);

        return 1.31405 +
            (1.779e-4 - 1.05e-6 * $tempC + 1.6e-8 * $tempC ** 2) * $salinity -
            2.02e-6 * $tempC ** 2 +
            (15.868 + 0.01155 * $salinity - 0.00423 * $tempC) / $lineNm -
            4382 / $lineNm ** 2 +
            1.1455e6 / $lineNm ** 3;
    }

    /**
     * A temperature-compensating instrument, read as it stands.
     *
     * @param  float  $reading  on its scale, g/kg, 0–50
     * @param  bool  $saltScale  the scale was made for sodium chloride, as most cheap ones are
     * @param  float  $fluidRead  what it showed for the calibration fluid
     * @param  float  $fluidTrue  what that fluid is, on the same scale
     * @return float salinity, g/kg
     *
     * @throws OutOfRange
     */
    public static function salinity(
        float $reading,
        bool $saltScale,
        float $fluidRead = 35,
        float $fluidTrue = 35,
    ): float {
        Guard::within('reading', $reading, 0, 50);
        $corrected =
            $reading - (Guard::within('fluidRead', $fluidRead, 0, 50) - Guard::within('fluidTrue', $fluidTrue, 0, 50));
        if ($saltScale) {
            $index = self::index(0, 20) + self::NACL_PER_G_KG * $corrected;
            $corrected =
                $index > self::index(42, 20) || $corrected < 0
                    ? -1
                    : Solve::rising(fn (float $s): float => self::index($s, 20) - $index, 0, 42);
        }
        if ($corrected < 0 || $corrected > 42) {
            throw OutOfRange::number('reading', $reading, Phrase::AReadingOfWaterBetween0And);
        }

        return $corrected;
    }
}
