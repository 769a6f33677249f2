<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** The harmful share of ammonia (C-30): TAN/(1 + 10^(pKa − pH)), pKa = 10.0423 − 0.0315536·T + 0.003071·S (Bell et al.), pH of a probe. */
final class FreeAmmonia
{
    /** Free ammonia at which one acts, mg/L as N. */
    public const ACT_MG_L = 0.02;

    /**
     * @param  float  $totalMgL  total ammonia as N
     * @param  float  $ph  probe (NBS); one computed on the total scale gets 0.14 first
     * @return float free ammonia, mg/L as N
     *
     * @throws OutOfRange
     */
    public static function mgL(float $totalMgL, float $ph, float $tempC, float $salinity): float
    {
        Guard::notNegative('totalMgL', $totalMgL);
        Guard::within('ph', $ph, 4, 12);
        Guard::within('tempC', $tempC, 0, 45);
        Guard::within('salinity', $salinity, 0, 50);

        return $totalMgL / (1 + 10 ** (10.0423 - 0.0315536 * $tempC + 0.003071 * $salinity - $ph));
    }
}
