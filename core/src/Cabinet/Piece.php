<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

/** A thing that stands in a cabinet: its box, and the room over it that its service takes, mm. */
final readonly class Piece
{
    public function __construct(
        public string $name,
        public float $widthMm,
        public float $depthMm,
        public float $heightMm,
        /** Over its top, to lift off a neck, a lid or a cup. */
        public float $liftMm = 0.0,
        /** Takes its air from the room: a closed cabinet chokes it. */
        public bool $needsAir = false,
        /** Its row in the planner's own list; null for the sump and for what is only reserved. */
        public ?int $listed = null,
        /** Which compartment it belongs in, from 1, the one with the sump; null: any. */
        public ?int $compartment = null,
        /** Must not be splashed. */
        public bool $staysDry = false,
        /** Heat it gives off, W. */
        public float $heatW = 0.0,
        /** A later phase's thing: its place is kept, it does not stand there yet. */
        public bool $isReserved = false,
        /** Of its row; empty where it has none. */
        public string $id = '',
    ) {
    }

    public function standingMm(): float
    {
        return $this->heightMm + $this->liftMm;
    }

    public function named(string $name): self
    {
        return new self(
            name: $name,
            widthMm: $this->widthMm,
            depthMm: $this->depthMm,
            heightMm: $this->heightMm,
            liftMm: $this->liftMm,
            needsAir: $this->needsAir,
            listed: $this->listed,
            compartment: $this->compartment,
            staysDry: $this->staysDry,
            heatW: $this->heatW,
            isReserved: $this->isReserved,
            id: $this->id,
        );
    }
}
