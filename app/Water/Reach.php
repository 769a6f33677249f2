<?php

declare(strict_types=1);

namespace App\Water;

use Velbrin\Core\Water\Reserve;

/** What an emergency could ask of the store (W-59). */
final readonly class Reach
{
    /** @param  list<float>  $emergencySharesL */
    public function __construct(
        public float $largestSystemL,
        public array $emergencySharesL,
        /** What the boxes of the system with most fish take. */
        public float $boxesL = 0.0,
        /** The largest quarantine, filled anew. */
        public float $quarantineFillL = 0.0,
    ) {
    }

    /** The largest of all of them. */
    public function neededL(): float
    {
        return Reserve::neededL($this->largestSystemL, $this->emergencySharesL, $this->boxesL, $this->quarantineFillL);
    }
}
