<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Rate;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\FailureChance;

/**
 * Failures a year of a place where a device is always put back: run until it fails, or replaced at an age (K-2, R-40). Renewal reward:
 * F(T) / ∫₀ᵀ R (Barlow & Proschan).
 */
final class Renewal
{
    private const STEPS = 2000;

    /** So many lives are integrated where nothing is replaced: nobody is left by then. */
    private const LIVES = 8.0;

    /**
     * @param  float|null  $replacedAtYears  null: it runs until it fails
     *
     * @throws OutOfRange
     */
    public static function yearly(float $scaleYears, float $shape, ?float $replacedAtYears = null): float
    {
        Guard::positive('scaleYears', $scaleYears);
        Guard::positive('shape', $shape);
        $until = $replacedAtYears === null
            ? self::LIVES * $scaleYears
            : Guard::positive('replacedAtYears', $replacedAtYears);
        $step = $until / self::STEPS;
        $alive = fn (float $years): float => exp(-(($years / $scaleYears) ** $shape));
        $sum = 0.0;
        for ($i = 0; $i < self::STEPS; $i++) {
            $sum += $alive(($i + 0.5) * $step) * $step;
        }

        return FailureChance::of(0.0, $until, $scaleYears, $shape) / $sum;
    }
}
