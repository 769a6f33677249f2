<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Light\MeasuredGrid;

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
        /** Which further vessel it hangs over, from 1; null: the display. */
        public ?int $over = null,
        public ?MeasuredGrid $grid = null,
        /** Its row of the table. */
        public int $row = 0,
    ) {
    }
}
