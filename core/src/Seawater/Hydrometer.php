<?php

declare(strict_types=1);

namespace Velbrin\Core\Seawater;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Solve;

/** A glass hydrometer's reading as salinity: ρ(S, T) = R·ρ(0, T_ref)·(1 − 25·10⁻⁶(T − T_ref)) (W-22). */
final class Hydrometer
{
    /** Cubic expansion of its glass, 1/K. */
    private const GLASS = 25e-6;

    /**
     * @param  float  $reading  specific gravity as read, 0.99–1.04
     * @param  float  $tempC  of the water, 0–40
     * @param  float  $referenceC  the temperature the scale was made for
     * @return float salinity, g/kg
     *
     * @throws OutOfRange when no sea water between 0 and 42 g/kg floats it there
     */
    public static function salinity(float $reading, float $tempC, float $referenceC = 25): float
    {
        Guard::within('reading', $reading, 0.99, 1.04);
        Guard::within('referenceC', $referenceC, 0, 40);
        $density = $reading * Seawater::at(0, $referenceC)->densityKgM3() * (1 - self::GLASS * ($tempC - $referenceC));
        if ($density < Seawater::at(0, $tempC)->densityKgM3() || $density > Seawater::at(42, $tempC)->densityKgM3()) {
            throw OutOfRange::number(
                'reading',
                $reading,
                Phrase::AReadingOfWaterBetween0,
            );
        }

        return Solve::rising(fn (float $s): float => Seawater::at($s, $tempC)->densityKgM3() - $density, 0, 42);
    }
}
