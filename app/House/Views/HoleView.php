<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Build\Hole;

/** A hole as it is proposed. */
final readonly class HoleView
{
    private function __construct(
        public string $name,
        public string $pane,
        public float $xMm,
        public float $yMm,
        public float $diameterMm,
        public ?string $serves,
    ) {
    }

    public static function proposed(Hole $hole): self
    {
        return new self($hole->name, $hole->pane->value, $hole->xMm, $hole->yMm, $hole->diameterMm, $hole->serves);
    }
}
