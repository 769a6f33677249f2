<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** What a top-off that stays off or on does to the salinity (W-21). */
final class SalinityDrift
{
    /**
     * Top-off off: S(t) = S₀·V/(V − e·t).
     *
     * @throws OutOfRange when everything would have evaporated
     */
    public static function withoutTopOff(float $systemL, float $salinity, float $evaporationLd, float $days): float
    {
        Guard::positive('systemL', $systemL);
        Guard::notNegative('salinity', $salinity);
        Guard::notNegative('evaporationLd', $evaporationLd);
        Guard::notNegative('days', $days);
        $left = $systemL - $evaporationLd * $days;
        if ($left <= 0) {
            throw OutOfRange::number('days', $days, Phrase::ShortEnoughThatWaterIsLeft);
        }

        return ($salinity * $systemL) / $left;
    }

    /** Days until the salinity reaches an upper limit with the top-off off; 0 when passed, null without evaporation. */
    public static function daysToLimit(float $systemL, float $salinity, float $evaporationLd, float $limit): ?float
    {
        Guard::positive('systemL', $systemL);
        Guard::positive('salinity', $salinity);
        Guard::notNegative('evaporationLd', $evaporationLd);
        Guard::positive('limit', $limit);

        return $salinity >= $limit
            ? 0.0
            : ($evaporationLd > 0
                ? ($systemL * (1 - $salinity / $limit)) / $evaporationLd
                : null);
    }

    /**
     * Top-off stuck on with fresh water: S₀·V/(V + v) while the spare room fills; then it mixes and spills,
     * S·exp(−v_spilled/(V + v_spare)).
     *
     * @throws OutOfRange
     */
    public static function topOffStuckOn(float $systemL, float $salinity, float $addedL, float $spareL): float
    {
        Guard::positive('systemL', $systemL);
        Guard::notNegative('salinity', $salinity);
        Guard::notNegative('addedL', $addedL);
        Guard::notNegative('spareL', $spareL);
        $kept = min($addedL, $spareL);

        return (($salinity * $systemL) / ($systemL + $kept)) * exp(-($addedL - $kept) / ($systemL + $spareL));
    }
}
