<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/** Root finding for the implicit formulas of the trade. */
final class Solve
{
    /**
     * The x in [$low, $high] at which a rising function reaches zero; the nearer end when it never does.
     *
     * @param  callable(float): float  $rising
     */
    public static function rising(callable $rising, float $low, float $high, int $steps = 200): float
    {
        for ($i = 0; $i < $steps; $i++) {
            $middle = ($low + $high) / 2;
            if ($middle === $low || $middle === $high) {
                break;
            }
            if ($rising($middle) < 0) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }
}
