<?php

declare(strict_types=1);

namespace App\Systems\Sums;

use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Working;

/** One line of a sum's answer. */
final readonly class SumLine
{
    public function __construct(
        public string $key,
        public string $label,
        public ?Quantity $quantity,
        public ?Sentence $note = null,
        public ?Working $working = null,
        public ?string $word = null,
    ) {
    }
}
