<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** One reading of a light meter: its place as of lamps, depth under the surface, mm, at full power. */
final readonly class LightPoint
{
    public function __construct(
        public string $name,
        public float $xMm,
        public float $yMm,
        public float $depthMm,
        /** µmol/m²/s */
        public float $par,
        /** Of full power while it was read, 0–1. */
        public float $share = 1.0,
        public string $meter = '',
        /** Year-month-day; empty: not said. */
        public string $day = '',
    ) {
    }
}
