<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** One place on the way in: an opening, and where the way turns, the two corridor widths. */
final readonly class Passage
{
    public function __construct(
        public string $name,
        public float $widthMm,
        public float $heightMm,
        public ?float $corridorAMm = null,
        public ?float $corridorBMm = null,
    ) {
    }
}
