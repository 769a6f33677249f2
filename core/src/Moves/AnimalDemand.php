<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** What animals in a box weigh and breathe (M-21): stressed, unfed, at the box’s temperature. */
final readonly class AnimalDemand
{
    /** g for each cm³ of length, slender and deep-bodied. */
    private const SLENDER = 0.02;

    private const DEEP = 0.03;

    /** Oxygen at 25 °C, mg/(kg·h); small fish breathe more for their weight. */
    private const MG_KG_H = 300.0;

    private const SMALL_MG_KG_H = 500.0;

    private const SMALL_G = 20.0;

    /** Caught and carried, a fish breathes so much more than at rest. */
    private const STRESS = 1.5;

    private const AT_C = 25.0;

    /** @throws OutOfRange */
    public static function grams(float $lengthCm, bool $isDeep = false): float
    {
        return ($isDeep ? self::DEEP : self::SLENDER) * Guard::within('lengthCm', $lengthCm, 0.1, 200) ** 3;
    }

    /**
     * Of one animal, mg of oxygen an hour; doubled with each 10 K.
     *
     * @throws OutOfRange
     */
    public static function mgH(float $grams, float $tempC): float
    {
        Guard::positive('grams', $grams);
        $rate = $grams < self::SMALL_G ? self::SMALL_MG_KG_H : self::MG_KG_H;

        return (($rate * $grams) / 1000) * 2 ** ((Guard::within('tempC', $tempC, 0, 45) - self::AT_C) / 10) * self::STRESS;
    }
}
