<?php

declare(strict_types=1);

namespace Velbrin\Core\Heat;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * Water lost to the room's air (B-40): W = A·(p_w − p_a)·(0.089 + 0.0782·v)/Y, the ASHRAE pool form in
 * kPa, m/s and kg/s; saturation pressure by Alduchov & Eskridge 1996, 0.98 of it over sea water.
 */
final readonly class Evaporation
{
    public const CLOSED_SHARE = 0.25;

    private const AIR_MS = 0.1;

    private const OVER_SEA_WATER = 0.98;

    private function __construct(public float $watts, public float $litresPerDay)
    {
    }

    /**
     * @param  float  $tempC  water, 0–45
     * @param  float  $roomC  −20–50
     * @param  float  $humidityPct  0–100
     * @param  float  $share  1 open, 0.25 under a closed hood or in a cabinet
     *
     * @throws OutOfRange
     */
    public static function of(
        float $areaM2,
        float $tempC,
        float $roomC,
        float $humidityPct = 50,
        float $share = 1,
        float $airMs = self::AIR_MS,
    ): self {
        Guard::notNegative('areaM2', $areaM2);
        Guard::within('tempC', $tempC, 0, 45);
        Guard::within('roomC', $roomC, -20, 50);
        Guard::within('humidityPct', $humidityPct, 0, 100);
        Guard::within('share', $share, 0, 1);
        Guard::notNegative('airMs', $airMs);
        $watts = $areaM2 * $share * self::wattsM2($tempC, ($humidityPct / 100) * self::saturationKpa($roomC), $airMs);

        return new self($watts, self::litresPerDay($watts, $tempC));
    }

    /**
     * From each square metre, W, for a run that asks it thousands of times: nothing is asked of the numbers.
     *
     * @param  float  $airKpa  vapour in the room's air
     */
    public static function wattsM2(float $tempC, float $airKpa, float $airMs): float
    {
        $driveKpa = max(0.0, self::OVER_SEA_WATER * self::saturationKpa($tempC) - $airKpa);

        // Watts are kg/s times the heat of evaporation in J/kg; kPa and kJ cancel to a plain 1000.
        return 1000 * $driveKpa * (0.089 + 0.0782 * $airMs);
    }

    /** Litres of fresh water a day that carry that heat off. */
    public static function litresPerDay(float $watts, float $tempC): float
    {
        return ($watts * 86.4) / self::heatKjKg($tempC);
    }

    /** Heat of evaporation Y, kJ/kg. */
    public static function heatKjKg(float $tempC): float
    {
        return 2500.9 - 2.365 * $tempC;
    }

    public static function saturationKpa(float $tempC): float
    {
        return 0.61094 * exp((17.625 * $tempC) / ($tempC + 243.04));
    }
}
