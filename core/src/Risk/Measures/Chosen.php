<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Measures;

/** A set of measures and what it leaves. */
final readonly class Chosen
{
    /** @param  list<string>  $ids  sorted */
    public function __construct(
        public array $ids,
        public int $costMinor,
        /** Yearly loss that is left, upkeep included. */
        public float $yearly,
        /** No set within the budget is better by more than this; 0: the best there is. */
        public float $gap,
    ) {
    }
}
