<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;

/** One thing to buy or to do, in the unit it is priced by. */
final readonly class TakeOffLine
{
    public function __construct(
        public string $key,
        public string $label,
        public Quantity $quantity,
        public ?Sentence $note = null,
    ) {
    }
}
