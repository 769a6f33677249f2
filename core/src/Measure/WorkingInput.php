<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/** One input of a working: its symbol in the formula, what it is, its value and where that came from. */
final readonly class WorkingInput
{
    public function __construct(
        public string $symbol,
        public string $label,
        public Quantity $quantity,
        public Basis $basis,
    ) {
    }
}
