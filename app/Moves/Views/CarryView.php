<?php

declare(strict_types=1);

namespace App\Moves\Views;

use Velbrin\Core\Moves\Brief\CarryList;

/** A load, and how many carry it. */
final readonly class CarryView
{
    private function __construct(
        public string $label,
        /** Null: nobody has weighed it. */
        public ?float $kg,
        /** Without an aid; null: none of up to three. */
        public ?int $persons,
        /** With a trolley; null: stairs. */
        public ?int $withAid,
    ) {
    }

    public static function of(CarryList $line): self
    {
        return new self($line->label, $line->kg, $line->persons, $line->withAid);
    }
}
