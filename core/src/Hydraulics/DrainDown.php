<?php

declare(strict_types=1);

namespace Velbrin\Core\Hydraulics;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** What comes down when the return stops, and whether the sump takes it (B-32). */
final readonly class DrainDown
{
    /** Share of the spare room that must stay free. */
    public const MARGIN = 0.15;

    private function __construct(
        public float $downL,
        public float $spareL,
        /** (spare − down)/spare, %. */
        public float $marginPct,
        public float $overflowL,
        /** Highest running level at which the margin still holds, mm above the sump's inside floor. */
        public float $highestLevelMm,
    ) {
    }

    /**
     * @param  float  $outletDepthMm  deepest open outlet or siphon break below the weir edge; 0 if above
     *
     * @throws OutOfRange
     */
    public static function of(
        float $displayAreaM2,
        float $weirHeadMm,
        float $outletDepthMm,
        float $pipesL,
        float $sumpAreaM2,
        float $sumpRimMm,
        float $sumpLevelMm,
    ): self {
        Guard::positive('displayAreaM2', $displayAreaM2);
        Guard::notNegative('weirHeadMm', $weirHeadMm);
        Guard::notNegative('outletDepthMm', $outletDepthMm);
        Guard::notNegative('pipesL', $pipesL);
        Guard::positive('sumpAreaM2', $sumpAreaM2);
        Guard::positive('sumpRimMm', $sumpRimMm);
        Guard::notNegative('sumpLevelMm', $sumpLevelMm);
        if ($sumpLevelMm >= $sumpRimMm) {
            throw OutOfRange::number('sumpLevelMm', $sumpLevelMm, "below the sump's rim, {$sumpRimMm}");
        }
        $down = $displayAreaM2 * ($weirHeadMm + $outletDepthMm) + $pipesL;
        $spare = $sumpAreaM2 * ($sumpRimMm - $sumpLevelMm);

        return new self(
            $down,
            $spare,
            100 * ($spare - $down) / $spare,
            max(0.0, $down - $spare),
            $sumpRimMm - $down / $sumpAreaM2 / (1 - self::MARGIN),
        );
    }
}
