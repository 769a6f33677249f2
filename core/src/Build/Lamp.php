<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** One lamp of a plan, seen from above: its middle from the left and from the back of the inside, mm. */
final readonly class Lamp
{
    public function __construct(
        public string $name,
        public float $xMm,
        public float $yMm,
        /** Above the rim, mm; null: as the plan says for all. */
        public ?float $aboveRimMm,
        /** Photosynthetic photon flux, µmol/s. */
        public float $ppf,
        /** From the axis to half the intensity. */
        public float $halfAngleDeg,
    ) {
    }
}
