<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** Chance that a device alive today fails within a time (R-20, K-1): Weibull, given its age. */
final class FailureChance
{
    public const SHAPE = 2.5;

    /**
     * @param  float  $scaleYears  63 % have failed by then
     * @param  float  $shape  above 1: it wears
     *
     * @throws OutOfRange
     */
    public static function of(
        float $ageYears,
        float $horizonYears,
        float $scaleYears,
        float $shape = self::SHAPE,
    ): float {
        Guard::notNegative('ageYears', $ageYears);
        Guard::notNegative('horizonYears', $horizonYears);
        Guard::positive('scaleYears', $scaleYears);
        Guard::positive('shape', $shape);

        return 1 - exp(($ageYears / $scaleYears) ** $shape - (($ageYears + $horizonYears) / $scaleYears) ** $shape);
    }
}
