<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** What an RO unit gives at the feed's temperature: rated · exp(k·(1/298.15 − 1/(273.15 + T))) (W-51). */
final class RoOutput
{
    /** Thin-film membrane, K: above and below 25 °C. */
    private const K_WARM = 2640.0;

    private const K_COLD = 3020.0;

    /**
     * @param  float  $ratedLd  litres a day at 25 °C
     * @param  float  $waterC  feed, 1–45
     * @param  float  $pressureShare  net pressure by the rated one: output goes with it
     *
     * @throws OutOfRange
     */
    public static function litresPerDay(float $ratedLd, float $waterC, float $pressureShare = 1.0): float
    {
        Guard::positive('roRatedLd', $ratedLd);
        Guard::within('roWaterC', $waterC, 0, 45);

        Guard::within('pressureShare', $pressureShare, 0.05, 5);

        return $ratedLd *
            $pressureShare *
            exp(($waterC > 25 ? self::K_WARM : self::K_COLD) * (1 / 298.15 - 1 / (273.15 + $waterC)));
    }
}
