<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Measure\Guard as Check;
use Velbrin\Core\Measure\OutOfRange;

/** Where a hold and a guard of temperature begin before anybody has said otherwise: round the set point of the system, house values. */
final readonly class Starts
{
    /** Heating begins so far below and ends so far above, K. */
    private const HALF_BAND_K = 0.2;

    /** A guard acts so far above, K: beyond a usual day, before harm. */
    private const GUARD_K = 1.0;

    private function __construct(public float $startC, public float $stopC, public float $guardC)
    {
    }

    /** @throws OutOfRange */
    public static function of(float $setpointC): self
    {
        Check::within('setpointC', $setpointC, 5, 40);

        return new self(
            round($setpointC - self::HALF_BAND_K, 2),
            round($setpointC + self::HALF_BAND_K, 2),
            round($setpointC + self::GUARD_K, 2),
        );
    }
}
