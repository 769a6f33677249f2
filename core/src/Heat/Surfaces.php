<?php

declare(strict_types=1);

namespace Velbrin\Core\Heat;

use Velbrin\Core\Vessel\Vessel;

/** The faces of one vessel through which heat leaves, m² and W/m²K. */
final readonly class Surfaces
{
    private function __construct(
        public float $wallM2,
        public float $wallU,
        public float $bottomM2,
        public float $surfaceM2,
        public bool $open,
    ) {
    }

    /** @param  float  $waterMm depth of water inside */
    public static function of(Vessel $vessel, float $waterMm, bool $open): self
    {
        return new self(
            ($vessel->footprint->insidePerimeterMm($vessel->wallMm) * $waterMm) / 1e6,
            TankHeat::wallU($vessel->wallMm, $vessel->material->conductivityWMK()),
            $vessel->insideAreaM2(),
            $vessel->insideAreaM2(),
            $open,
        );
    }
}
