<?php

declare(strict_types=1);

namespace App\Moves\Views;

use Velbrin\Core\Moves\Load\Stowed;

/** Something in its place in the truck, mm from the bulkhead, the left side and the floor. */
final readonly class StowedView
{
    private function __construct(
        public string $id,
        public string $label,
        public float $xMm,
        public float $yMm,
        public float $zMm,
        public float $alongMm,
        public float $acrossMm,
        public float $kg,
        public bool $isAlive,
    ) {
    }

    public static function of(Stowed $stowed): self
    {
        return new self(
            id: $stowed->cargo->id,
            label: $stowed->cargo->label,
            xMm: $stowed->xMm,
            yMm: $stowed->yMm,
            zMm: $stowed->zMm,
            alongMm: $stowed->alongMm,
            acrossMm: $stowed->acrossMm,
            kg: $stowed->cargo->kg,
            isAlive: $stowed->cargo->isAlive,
        );
    }
}
