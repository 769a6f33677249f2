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
        /** The corner it lacks; null: a box. */
        public ?Cut $cut = null,
        /** The sump itself: placed before all others. */
        public bool $isSump = false,
        /** Where in the sump it stands; null: it stands on the floor or on a shelf. */
        public ?Inside $inSump = null,
        /** The shelf it belongs on, by its row in the planner’s list; null: floor first, then any shelf. */
        public ?int $shelf = null,
        /** Filled, as it stands there, kg; null: nobody has said. */
        public ?float $massKg = null,
    ) {
    }

    public function standingMm(): float
    {
        return $this->heightMm + $this->liftMm;
    }

    /** @return list<Rect> its outline in its own box, unturned */
    public function patches(): array
    {
        return $this->cut?->of($this->widthMm, $this->depthMm) ?? [new Rect(0.0, 0.0, $this->widthMm, $this->depthMm)];
    }

    public function areaMm2(): float
    {
        return $this->widthMm * $this->depthMm - ($this->cut === null ? 0.0 : $this->cut->alongMm * $this->cut->deepMm);
    }

    public function named(string $name): self
    {
        return $this->but(name: $name);
    }

    /** The same thing, set into the sump there: in its compartment, on no shelf. */
    public function into(Inside $sump): self
    {
        return $this->but(inSump: $sump);
    }

    private function but(?string $name = null, ?Inside $inSump = null): self
    {
        return new self(
            name: $name ?? $this->name,
            widthMm: $this->widthMm,
            depthMm: $this->depthMm,
            heightMm: $this->heightMm,
            liftMm: $this->liftMm,
            needsAir: $this->needsAir,
            listed: $this->listed,
            compartment: $inSump === null ? $this->compartment : 1,
            staysDry: $this->staysDry,
            heatW: $this->heatW,
            isReserved: $this->isReserved,
            id: $this->id,
            cut: $this->cut,
            isSump: $this->isSump && $inSump === null,
            inSump: $inSump ?? $this->inSump,
            shelf: $inSump === null ? $this->shelf : null,
            massKg: $this->massKg,
        );
    }
}
