<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** A chamber with its running level, mm above the sump's inside floor. */
final readonly class SumpChamber
{
    public function __construct(
        public string $name,
        /** From the intake end of the inside, mm. */
        public float $fromMm,
        public float $lengthMm,
        public float $areaM2,
        public float $levelMm,
        public ?float $baffleMm,
    ) {
    }

    public function litres(): float
    {
        return $this->areaM2 * $this->levelMm;
    }
}
