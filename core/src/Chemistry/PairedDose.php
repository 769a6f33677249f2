<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * Alkalinity and calcium given in equal equivalents (C-11, C-13): 1 mmol/L of calcium carbonate takes 5.6 dKH and 40.08 mg/L of calcium.
 */
final readonly class PairedDose
{
    /** mg/L of calcium that go with one dKH. */
    public const CALCIUM_MG_PER_DKH = 40.08 / 5.6;

    private function __construct(
        public float $alkMlDay,
        public float $calciumMlDay,
        /** What the same growth takes of calcium, mg/L a day. */
        public float $calciumUsedMgLDay,
    ) {
    }

    /**
     * @param  float  $alkUsedDkhDay  measured consumption
     * @param  float  $strengthAlkMeqMl  of the alkalinity solution
     * @param  float  $strengthCaMgMl  of the calcium solution
     *
     * @throws OutOfRange
     */
    public static function of(
        float $systemL,
        float $alkUsedDkhDay,
        float $strengthAlkMeqMl,
        float $strengthCaMgMl,
    ): self {
        Guard::positive('systemL', $systemL);
        Guard::notNegative('alkUsedDkhDay', $alkUsedDkhDay);
        Guard::positive('strengthAlkMeqMl', $strengthAlkMeqMl);
        Guard::positive('strengthCaMgMl', $strengthCaMgMl);
        $calciumMgL = $alkUsedDkhDay * self::CALCIUM_MG_PER_DKH;

        return new self(
            (($alkUsedDkhDay / ReadingUnit::DKH_PER_MEQ) * $systemL) / $strengthAlkMeqMl,
            ($calciumMgL * $systemL) / $strengthCaMgMl,
            $calciumMgL,
        );
    }
}
