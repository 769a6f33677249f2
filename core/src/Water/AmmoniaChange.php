<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Chemistry\FreeAmmonia;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * The smallest change that ends under the limit of free ammonia (C-30). New water may raise the pH, and with it the free share:
 * the largest value met on the way stands beside it.
 */
final readonly class AmmoniaChange
{
    private const STEPS = 200;

    private function __construct(
        public float $freeNowMgL,
        /** Null when no change with this water is enough. */
        public ?float $fraction,
        public ?float $freeAfterMgL,
        /** Largest on the way from nothing to the chosen fraction (or to all of it). */
        public float $worstMgL,
    ) {
    }

    /**
     * @param  float  $totalMgL  TAN as N; the new water brings none
     *
     * @throws OutOfRange when a pH or alkalinity is missing
     */
    public static function of(
        float $totalMgL,
        WaterValues $tank,
        WaterValues $fresh,
        float $limitMgL = FreeAmmonia::ACT_MG_L,
    ): self {
        Guard::notNegative('totalMgL', $totalMgL);
        Guard::positive('limitMgL', $limitMgL);
        if ($tank->ph === null || $fresh->ph === null || $tank->alkDkh === null || $fresh->alkDkh === null) {
            throw OutOfRange::field('ph', Phrase::AlkalinityAndPHOfBothWaters, Phrase::AllFour);
        }
        $free = function (float $f) use ($totalMgL, $tank, $fresh): float {
            $mix = fn (float $a, float $b): float => $a * (1 - $f) + $b * $f;
            $ph = ShockCheck::mixedPh(
                fraction: $f,
                alkA: (float) $tank->alkDkh,
                salinityA: $tank->salinity,
                tempA: $tank->tempC,
                phA: (float) $tank->ph,
                alkB: (float) $fresh->alkDkh,
                salinityB: $fresh->salinity,
                tempB: $fresh->tempC,
                phB: (float) $fresh->ph,
            );

            return FreeAmmonia::mgL(
                $totalMgL * (1 - $f),
                $ph,
                $mix($tank->tempC, $fresh->tempC),
                $mix($tank->salinity, $fresh->salinity),
            );
        };
        $now = $free(0.0);
        $worst = $now;
        for ($i = 0; $i <= self::STEPS; $i++) {
            $value = $free($i / self::STEPS);
            $worst = max($worst, $value);
            if ($value <= $limitMgL) {
                return new self($now, $i / self::STEPS, $value, $worst);
            }
        }

        return new self($now, null, null, $worst);
    }
}
