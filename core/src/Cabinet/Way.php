<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

/** A way out: straight up to a height, along to a place behind the opening, forwards through it; mm. */
final readonly class Way
{
    public function __construct(
        /** Where its left end leaves, from the left. */
        public float $xMm,
        /** Its underside on the way, above the cabinet’s floor. */
        public float $zMm,
    ) {
    }
}
