<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Load;

/** A cargo in its place: its near corner from the bulkhead, from the left and from the floor, mm. */
final readonly class Stowed
{
    public function __construct(
        public Cargo $cargo,
        public float $xMm,
        public float $yMm,
        public float $zMm,
        public float $alongMm,
        public float $acrossMm,
    ) {
    }

    public function overlaps(self $other): bool
    {
        return $this->xMm < $other->xMm + $other->alongMm - 1e-6
            && $other->xMm < $this->xMm + $this->alongMm - 1e-6
            && $this->yMm < $other->yMm + $other->acrossMm - 1e-6
            && $other->yMm < $this->yMm + $this->acrossMm - 1e-6
            && $this->zMm < $other->zMm + $other->cargo->heightMm - 1e-6
            && $other->zMm < $this->zMm + $this->cargo->heightMm - 1e-6;
    }
}
