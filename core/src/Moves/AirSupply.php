<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** Whether air blown into a box carries what its animals breathe (M-22), and how long a battery keeps it up in the cold. */
final readonly class AirSupply
{
    /** mg of oxygen an hour in each L of air a minute. */
    private const MG_H_PER_L_MIN = 16400.0;

    /** Of that goes over into the water, for each metre of depth. */
    private const SHARE_PER_M = 0.025;

    private const FREEZING_C = 0.0;

    private const COLD_C = 10.0;

    /**
     * mg of oxygen an hour that it carries while the water holds its least.
     *
     * @param  float  $depthM  of the stone
     *
     * @throws OutOfRange
     */
    public static function carriesMgH(float $airLMin, float $depthM, float $minMgL, float $saturationMgL): float
    {
        Guard::notNegative('airLMin', $airLMin);
        Guard::notNegative('depthM', $depthM);
        Guard::positive('saturationMgL', $saturationMgL);

        return self::MG_H_PER_L_MIN * $airLMin * self::SHARE_PER_M * $depthM * max(0.0, 1 - $minMgL / $saturationMgL);
    }

    /** Of a battery’s hours in air of that temperature. */
    public static function coldShare(float $airC): float
    {
        return match (true) {
            $airC < self::FREEZING_C => 0.7,
            $airC < self::COLD_C => 0.85,
            default => 1.0,
        };
    }
}
