<?php

declare(strict_types=1);

namespace App\Moves\Views;

use App\House\Money;
use Velbrin\Core\Moves\Course\Mend;

/** What would mend a day whose end breaks; minutes from its beginning. */
final readonly class MoveMendView
{
    private function __construct(
        /** hands, end-moved or plan-b */
        public string $kind,
        public int $pastMin,
        public int $finishMin,
        public ?int $persons,
        public ?int $byMin,
        public ?string $end,
        public ?int $atMin,
        /** With the company’s currency; null: nobody has asked. */
        public ?string $cost,
    ) {
    }

    public static function of(Mend $mend): self
    {
        return new self(
            kind: $mend->kind->value,
            pastMin: $mend->pastMin,
            finishMin: $mend->finishMin,
            persons: $mend->persons,
            byMin: $mend->byMin,
            end: $mend->end,
            atMin: $mend->atMin,
            cost: $mend->cost === null ? null : Money::about($mend->cost),
        );
    }
}
