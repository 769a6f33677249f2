<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Working;

/** Raising or lowering a system's salinity by exchange, in steps its animals bear (W-20). */
final readonly class SalinityCorrection
{
    private function __construct(
        /** Litres swapped for the other water altogether; null when that water cannot get there. */
        public ?float $exchangeL,
        /** Whole days the move is spread over. */
        public int $days,
        /** Salt that would raise it without exchange, dissolved outside the system, kg; 0 when it is lowered. */
        public float $saltKg,
        public ?Working $working,
    ) {
    }

    /**
     * @param  float  $otherSalinity  of the water swapped in: 0 for RO, or stronger salt water
     * @param  float  $perDay  largest daily move with animals, g/kg
     * @param  float  $mixGramsPerL  of the salt at 35 g/kg
     *
     * @throws OutOfRange
     */
    public static function of(
        float $systemL,
        float $now,
        float $target,
        float $otherSalinity,
        float $perDay = 1,
        float $mixGramsPerL = Mix::USUAL_G_PER_L,
    ): self {
        Guard::positive('systemL', $systemL);
        Guard::within('now', $now, 0, 60);
        Guard::within('target', $target, 0, 60);
        Guard::within('otherSalinity', $otherSalinity, 0, 60);
        Guard::positive('perDay', $perDay);
        Guard::positive('mixGramsPerL', $mixGramsPerL);
        $reaches = $target === $now || ($target > $now ? $otherSalinity > $target : $otherSalinity < $target);
        // One batch: S' = S(1 − f) + S_other·f.
        $litres =
            $target === $now
                ? 0.0
                : ($systemL * ($target - $now)) / ($otherSalinity - $now === 0.0 ? INF : $otherSalinity - $now);

        return new self(
            $reaches ? $litres : null,
            (int) ceil(abs($target - $now) / $perDay - 1e-9),
            max(0.0, ((($systemL * $mixGramsPerL) / 35) * ($target - $now)) / 1000),
            ! $reaches || $target === $now
                ? null
                : Working::of(
                    'Water to swap',
                    'V*(t - s)/(o - s)',
                    [
                        ['V', 'Water in the system', $systemL, Kind::Volume],
                        ['t', 'Wanted', $target, Kind::Salinity],
                        ['s', 'Salinity now', $now, Kind::Salinity],
                        ['o', 'Of the water swapped in', $otherSalinity, Kind::Salinity],
                    ],
                    Quantity::of($litres, Kind::Volume),
                    'W-20',
                ),
        );
    }
}
