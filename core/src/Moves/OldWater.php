<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** Old water that may ride along (M-28): what the payload leaves, with the barrels it rides in. */
final class OldWater
{
    /** Sea water, and barrels for each litre, kg. */
    public const KG_PER_L = 1.023;

    private const TARE_KG_PER_L = 0.1;

    /** @throws OutOfRange */
    public static function mostL(float $payloadKg, float $restKg, float $tareKgPerL = self::TARE_KG_PER_L): float
    {
        Guard::positive('payloadKg', $payloadKg);
        Guard::notNegative('restKg', $restKg);
        Guard::notNegative('tareKgPerL', $tareKgPerL);

        return max(0.0, $payloadKg - $restKg) / (self::KG_PER_L + $tareKgPerL);
    }
}
