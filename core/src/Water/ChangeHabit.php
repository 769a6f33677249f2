<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** Where a value settles under a habit: the peak just before a change tends to C_new + p·d/f (W-32). */
final readonly class ChangeHabit
{
    private function __construct(public float $peak, public float $afterChange)
    {
    }

    /**
     * @param  float  $productionPerDay  rise a day, negative where it is used up
     * @param  float  $fraction  changed each time, 0 < f ≤ 1
     *
     * @throws OutOfRange
     */
    public static function of(float $productionPerDay, float $everyDays, float $fraction, float $fresh): self
    {
        Guard::finite('productionPerDay', $productionPerDay);
        Guard::positive('everyDays', $everyDays);
        Guard::finite('fresh', $fresh);
        if (! is_finite($fraction) || $fraction <= 0 || $fraction > 1) {
            throw OutOfRange::number('fraction', $fraction, Phrase::MoreThan0AndAtMost);
        }
        $rise = ($productionPerDay * $everyDays) / $fraction;

        return new self($fresh + $rise, $fresh + $rise * (1 - $fraction));
    }
}
