<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Systems\Views\ProductCardView;
use Velbrin\Core\Rounds\SheetStep;

/** One step where it is worked: what this place does differently stands beside what the sheet says. */
final readonly class StepView
{
    private function __construct(
        public string $text,
        public ?string $was,
        public ?string $why,
        public ?int $photoId,
        public ?ProductCardView $card,
        public bool $left,
        public bool $adrift,
        public bool $hold,
    ) {
    }

    /** @param  array<int, ProductCardView>  $cards */
    public static function of(SheetStep $s, array $cards): self
    {
        return new self(
            text: $s->text,
            was: $s->was,
            why: $s->why,
            photoId: $s->photo,
            card: $s->product === null ? null : $cards[$s->product] ?? null,
            left: $s->left,
            adrift: $s->adrift,
            hold: $s->hold,
        );
    }
}
