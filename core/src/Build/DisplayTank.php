<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Vessel\Cylinder;
use Velbrin\Core\Vessel\Material;
use Velbrin\Core\Vessel\QuarterCylinder;
use Velbrin\Core\Vessel\Rectangular;
use Velbrin\Core\Vessel\Vessel;
use Velbrin\Core\Vessel\VesselVolume;

/** The display and its water line. */
final readonly class DisplayTank
{
    private function __construct(
        public Vessel $vessel,
        /** Water line below the rim while running, mm. */
        public float $runningBelowRimMm,
    ) {
    }

    /**
     * @throws Missing
     * @throws OutOfRange
     */
    public static function of(Facts $facts): self
    {
        $vessel = self::vessel($facts);
        $below = match (true) {
            $facts->brief->has(F::WeirBelowRimMm) && $facts->knows(F::WeirLengthMm) && $facts->knows(F::FlowLh) => Overflow::of($facts)->runningBelowRimMm,
            $facts->brief->has(F::WeirBelowRimMm) => $facts->number(F::WeirBelowRimMm),
            default => $facts->number(F::WaterGapMm),
        };

        return new self($vessel, $below);
    }

    /**
     * @throws Missing
     * @throws OutOfRange
     */
    public static function vessel(Facts $facts): Vessel
    {
        $shape = $facts->word(F::Shape);
        $facts->need(...[...match ($shape) {
            'cylinder' => [F::DiameterMm], 'quarter-cylinder' => [F::WidthMm], default => [F::LengthMm, F::WidthMm],
        }, F::HeightMm]);
        $footprint = match ($shape) {
            'cylinder' => Cylinder::outer($facts->number(F::DiameterMm)),
            'quarter-cylinder' => QuarterCylinder::outer($facts->number(F::WidthMm)),
            default => Rectangular::outer($facts->number(F::LengthMm), $facts->number(F::WidthMm)),
        };

        return Vessel::of($footprint, $facts->number(F::HeightMm), $facts->number(F::WallMm), $facts->number(F::FloorMm), Material::from($facts->word(F::Material)));
    }

    /** @throws OutOfRange */
    public function volume(Facts $facts): VesselVolume
    {
        return VesselVolume::of($this->vessel, $this->runningBelowRimMm, $facts->number(F::RockKg), $facts->number(F::SandDepthMm));
    }

    /** Water line above the inside floor, mm. */
    public function waterMm(): float
    {
        return $this->vessel->insideHeightMm() - $this->runningBelowRimMm;
    }

    /** Litres between the running level and the rim. */
    public function roomAboveL(): float
    {
        return $this->vessel->litres($this->runningBelowRimMm);
    }
}
