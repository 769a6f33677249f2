<?php

declare(strict_types=1);

namespace Velbrin\Core\Seawater;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Solve;

/** Practical salinity from raw conductivity and back (PSS-78, one atmosphere). */
final class Conductivity
{
    /** mS/cm of sea water at S 35, 15 °C. */
    private const STANDARD_MS_CM = 42.914;

    private const A = [0.008, -0.1692, 25.3851, 14.0941, -7.0261, 2.7081];

    private const B = [0.0005, -0.0056, -0.0066, -0.0375, 0.0636, -0.0144];

    /**
     * @param  float  $conductivityMsCm  raw: a meter's value compensated to 25 °C must be un-compensated first
     * @param  float  $tempC  −2–35
     * @return float practical salinity, 2–42
     *
     * @throws OutOfRange
     */
    public static function salinity(float $conductivityMsCm, float $tempC): float
    {
        Guard::positive('conductivityMsCm', $conductivityMsCm);
        Guard::within('tempC', $tempC, -2, 35);
        $salinity = self::scale($conductivityMsCm, $tempC);
        if ($salinity < 2 || $salinity > 42) {
            throw OutOfRange::field(
                'conductivityMsCm',
                Phrase::ConductivityMsCmGivesSalinityAtC,
                Phrase::ARawConductivityOfSeaWater,
                [
                    'salinity' => Quantity::of($salinity, Kind::Salinity),
                    'tempC' => Quantity::of($tempC, Kind::Temperature),
                ],
            );
        }

        return $salinity;
    }

    /** Raw conductivity, mS/cm, of water of that salinity (2–42) and temperature. */
    public static function of(float $salinity, float $tempC): float
    {
        Guard::within('salinity', $salinity, 2, 42);
        Guard::within('tempC', $tempC, -2, 35);

        return Solve::rising(fn (float $c): float => self::scale($c, $tempC) - $salinity, 0.5, 120);
    }

    /**
     * Raw conductivity of a meter that shows it compensated to 25 °C: C₂₅·(1 + α(T − 25)) (W-22).
     *
     * @param  float  $alphaPerK  the meter's own setting, usually 0.02
     *
     * @throws OutOfRange
     */
    public static function raw(float $compensatedMsCm, float $tempC, float $alphaPerK = 0.02): float
    {
        Guard::positive('compensatedMsCm', $compensatedMsCm);
        Guard::within('tempC', $tempC, -2, 35);
        Guard::within('alphaPerK', $alphaPerK, 0, 0.05);

        return $compensatedMsCm * (1 + $alphaPerK * ($tempC - 25));
    }

    private static function scale(float $conductivityMsCm, float $t): float
    {
        $rt = 0.6766097 + $t * (2.00564e-2 + $t * (1.104259e-4 + $t * (-6.9698e-7 + $t * 1.0031e-9)));
        $root = sqrt($conductivityMsCm / self::STANDARD_MS_CM / $rt);
        $sum = $correction = 0.0;
        for ($i = 5; $i >= 0; $i--) {
            $sum = $sum * $root + self::A[$i];
            $correction = $correction * $root + self::B[$i];
        }

        return $sum + (($t - 15) / (1 + 0.0162 * ($t - 15))) * $correction;
    }
}
