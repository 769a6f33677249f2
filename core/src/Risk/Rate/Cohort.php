<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Rate;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** Devices of one kind and one age: how many of them fail within the next year, and the chance of several (R-20, K-1). */
final readonly class Cohort
{
    private function __construct(
        public int $count,
        /** Of one, within the year. */
        public float $chance,
        public float $expected,
        /** Chance that two or more do. */
        public float $twoOrMore,
    ) {
    }

    /** @throws OutOfRange */
    public static function of(int $count, float $chance): self
    {
        Guard::within('count', $count, 0, 100_000);
        Guard::within('chance', $chance, 0, 1);
        $none = (1 - $chance) ** $count;
        $one = $count === 0 ? 0.0 : $count * $chance * (1 - $chance) ** ($count - 1);

        return new self($count, $chance, $count * $chance, max(0.0, 1 - $none - $one));
    }
}
