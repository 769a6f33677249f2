<?php

declare(strict_types=1);

namespace Velbrin\Core\Seawater;

use Velbrin\Core\Measure\UnitDisplay;

/** Salinity as people read it off their instruments. The ties are curved, so they travel as tables. */
final class SalinityScale
{
    /** Specific gravity, reference 25/25 °C. */
    public static function specificGravity(): UnitDisplay
    {
        return new UnitDisplay(
            'SG 25/25',
            digits: 4,
            table: self::table(0, fn (float $s): float => Seawater::at($s, 25)->specificGravity25()),
        );
    }

    /** Conductivity at 25 °C, mS/cm. */
    public static function conductivity(): UnitDisplay
    {
        return new UnitDisplay(
            'mS/cm at 25 °C',
            digits: 1,
            table: self::table(2, fn (float $s): float => Conductivity::of($s, 25)),
        );
    }

    /**
     * @param  callable(float): float  $shown
     * @return list<array{0: float, 1: float}>
     */
    private static function table(float $from, callable $shown): array
    {
        $table = [];
        for ($s = $from; $s <= 42; $s++) {
            $table[] = [$s, $shown($s)];
        }

        return $table;
    }
}
