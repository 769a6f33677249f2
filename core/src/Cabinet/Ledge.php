<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

/** A frame or a shelf that is built in: it does not give way, and a shelf bears what is put on it (B-98). mm. */
final readonly class Ledge
{
    public function __construct(
        public string $name,
        public Rect $patch,
        /** Its underside above the cabinet’s floor. */
        public float $bottomMm,
        public float $thickMm,
        public bool $isShelf,
        /** What it may carry, kg; null: nobody has said. */
        public ?float $bearsKg = null,
        /** Its row in the planner’s own list. */
        public int $listed = 0,
        public string $id = '',
    ) {
    }

    public function topMm(): float
    {
        return $this->bottomMm + $this->thickMm;
    }

    /** The same, each way out by so much nearer to what stands there. */
    public function swollen(float $byMm): self
    {
        return new self(
            name: $this->name,
            patch: $this->patch,
            bottomMm: max(0.0, $this->bottomMm - $byMm),
            thickMm: $this->thickMm + min($byMm, $this->bottomMm),
            isShelf: $this->isShelf,
            bearsKg: $this->bearsKg,
            listed: $this->listed,
            id: $this->id,
        );
    }
}
