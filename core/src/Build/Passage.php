<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** One place on the way in: an opening, and where the way turns, the two corridor widths. */
final readonly class Passage
{
    public function __construct(
        public string $name,
        public float $widthMm,
        public float $heightMm,
        public ?float $corridorAMm = null,
        public ?float $corridorBMm = null,
        /** What is left of the opening once everything is finished; null: as it is. */
        public ?float $outWidthMm = null,
        public ?float $outHeightMm = null,
        /** Inside depth of a lift car behind the opening, as high as it; null: no lift. */
        public ?float $carDepthMm = null,
        /** Of its row; empty where it has none. */
        public string $id = '',
    ) {
    }

    /** The same place on the way out, once joinery, walls and ceiling are finished (B-82). */
    public function outward(): self
    {
        return new self(
            $this->name,
            $this->outWidthMm ?? $this->widthMm,
            $this->outHeightMm ?? $this->heightMm,
            $this->corridorAMm,
            $this->corridorBMm,
            carDepthMm: $this->carDepthMm,
            id: $this->id,
        );
    }

    /** The corridor nobody has measured while the other one is; null: both, or the way does not turn. */
    public function lacksCorridor(): ?string
    {
        return match (true) {
            $this->corridorAMm === null && $this->corridorBMm !== null => 'corridorAMm',
            $this->corridorAMm !== null && $this->corridorBMm === null => 'corridorBMm',
            default => null,
        };
    }

    public function narrows(): bool
    {
        return $this->outWidthMm !== null || $this->outHeightMm !== null;
    }
}
