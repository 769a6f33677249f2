<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** A dosing vessel (C-15): how long it lasts, and what all of it at once would do. A smaller one is a protection that costs visits. */
final readonly class DosingVessel
{
    private function __construct(
        /** Null while nothing is dosed. */
        public ?float $daysLeft,
        /** Rise if the whole level went in at once, dKH. */
        public float $worstAlkDkh,
    ) {
    }

    /**
     * @param  float  $unusableMl  rest below the intake
     *
     * @throws OutOfRange
     */
    public static function of(
        float $levelMl,
        float $unusableMl,
        float $mlPerDay,
        float $strengthAlkMeqMl,
        float $systemL,
    ): self {
        Guard::notNegative('levelMl', $levelMl);
        Guard::notNegative('unusableMl', $unusableMl);
        Guard::notNegative('mlPerDay', $mlPerDay);
        Guard::notNegative('strengthAlkMeqMl', $strengthAlkMeqMl);
        Guard::positive('systemL', $systemL);
        $usableMl = max(0.0, $levelMl - $unusableMl);

        return new self(
            $mlPerDay > 0 ? $usableMl / $mlPerDay : null,
            (($levelMl * $strengthAlkMeqMl) / $systemL) * ReadingUnit::DKH_PER_MEQ,
        );
    }
}
