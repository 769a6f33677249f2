<?php

declare(strict_types=1);

namespace Velbrin\Core\Hydraulics;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Solve;

/** What one drain can carry, L/h (B-22). */
final class DrainCapacity
{
    /** Filling degree of an open stack. */
    private const FILLING = 7 / 24;

    /** Roughness of the stack in the EN 12056-3 form, mm. */
    private const STACK_ROUGHNESS_MM = 0.25;

    /** Added loss of a half-blocked pipe (Idelchik). */
    public const HALF_BLOCKED_K = 4.0;

    /** The exit loss a siphon's ΣK leaves out. */
    private const EXIT_K = 1.0;

    /**
     * Full siphon: v = √(2g·Δz/(1 + ΣK + f·l/D)), the 1 being the exit.
     *
     * @param  float  $dropM  water surface to sump surface, or to a free outlet
     *
     * @throws OutOfRange
     */
    public static function siphon(Pipe $pipe, float $dropM): float
    {
        Guard::notNegative('dropM', $dropM);

        return $pipe->flowLh(self::siphonVelocityMs($pipe, $dropM));
    }

    public static function siphonVelocityMs(Pipe $pipe, float $dropM): float
    {
        if ($dropM <= 0) {
            return 0.0;
        }
        $available = 2 * Pipe::GRAVITY * $dropM;

        return Solve::rising(
            fn (float $v): float => $v ** 2 * (self::EXIT_K + $pipe->factor($v)) - $available,
            0,
            sqrt($available),
        );
    }

    /**
     * Open drain with air: the Wyly–Eaton stack in the form of EN 12056-3,
     * Q[L/s] = 2.5·10⁻⁴·k_b^(−0.167)·D[mm]^2.667·f^1.667 at filling degree 7/24.
     *
     * @throws OutOfRange
     */
    public static function open(float $innerMm): float
    {
        Guard::positive('innerMm', $innerMm);

        return 3600 * 2.5e-4 * self::STACK_ROUGHNESS_MM ** -0.167 * $innerMm ** 2.667 * self::FILLING ** 1.667;
    }

    /** An open drain half blocked, as one of bore D/√2. */
    public static function openHalfBlocked(float $innerMm): float
    {
        return self::open($innerMm / M_SQRT2);
    }

    /** Water needed over an open outlet so that it takes the flow, mm (EN 12056-3). */
    public static function levelOverOutletMm(float $flowLh, float $innerMm): float
    {
        Guard::notNegative('flowLh', $flowLh);
        Guard::positive('innerMm', $innerMm);
        $flowLs = $flowLh / 3600;
        $low = ((7500 * $flowLs) / $innerMm) ** (2 / 3);

        return $low <= $innerMm / 2 ? $low : ((15000 * $flowLs) / $innerMm ** 2) ** 2;
    }

    /** What an open outlet takes with that much water over it, before the stack limits it, L/h. */
    public static function inletFlowLh(float $levelMm, float $innerMm): float
    {
        $h = max(0.0, $levelMm);

        return 3600 * ($h <= $innerMm / 2 ? ($innerMm * $h ** 1.5) / 7500 : ($innerMm ** 2 * sqrt($h)) / 15000);
    }
}
