<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\House\Views\WorkingView;
use App\Systems\Sums\SumLine;
use Velbrin\Core\Measure\Units;

final readonly class SumLineView
{
    private function __construct(
        public string $key,
        public string $label,
        public string $text,
        public ?float $value,
        public ?string $note,
        public ?WorkingView $working,
    ) {
    }

    public static function of(SumLine $line, Units $units): self
    {
        return new self(
            $line->key,
            $line->label,
            $line->quantity === null ? (string) $line->word : $units->show($line->quantity),
            $line->quantity?->value,
            $line->note?->in($units),
            $line->working === null ? null : WorkingView::of($line->working, $units),
        );
    }
}
