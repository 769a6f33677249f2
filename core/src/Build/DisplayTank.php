<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Vessel\BowFront;
use Velbrin\Core\Vessel\Cylinder;
use Velbrin\Core\Vessel\Filled;
use Velbrin\Core\Vessel\Footprint;
use Velbrin\Core\Vessel\HalfCylinder;
use Velbrin\Core\Vessel\LShape;
use Velbrin\Core\Vessel\Material;
use Velbrin\Core\Vessel\QuarterCylinder;
use Velbrin\Core\Vessel\Rectangular;
use Velbrin\Core\Vessel\Vessel;
use Velbrin\Core\Vessel\VesselVolume;

/** The display and its water line. */
final readonly class DisplayTank
{
    /** What each outline is measured by. */
    private const SIZES = [
        'rectangular' => [F::LengthMm, F::WidthMm],
        'bow-front' => [F::LengthMm, F::WidthMm, F::BowMm],
        'l-shape' => [F::LengthMm, F::WidthMm, F::LegLengthMm, F::LegWidthMm],
        'cylinder' => [F::DiameterMm],
        'half-cylinder' => [F::DiameterMm],
        'quarter-cylinder' => [F::WidthMm],
        'filled' => [F::FilledL, F::LengthMm, F::WidthMm, F::HeightMm],
    ];

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
        if (
            ! Overflow::isDescribed($facts) &&
            $facts->brief->hasAny(F::FlowLh, F::WeirBelowRimMm, F::WeirLengthMm, F::StandpipeMm)
        ) {
            $facts->without(...Overflow::asked($facts));
        }
        $below = match (true) {
            Overflow::isDescribed($facts) => Overflow::of($facts)->runningBelowRimMm,
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
        $facts->need(...[...self::SIZES[$facts->word(F::Shape)], F::HeightMm]);
        $footprint = self::footprint($facts);

        return Vessel::of(
            $footprint,
            $facts->number(F::HeightMm),
            $facts->number(F::WallMm),
            $facts->number(F::FloorMm),
            Material::from((string) $facts->peek(F::Material)),
        );
    }

    /**
     * The outline from above. A form measured by filling needs its height too.
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function footprint(Facts $facts): Footprint
    {
        $shape = $facts->word(F::Shape);
        $facts->need(...self::SIZES[$shape]);
        $mm = $facts->number(...);

        return match ($shape) {
            'cylinder' => Cylinder::outer($mm(F::DiameterMm)),
            'half-cylinder' => HalfCylinder::outer($mm(F::DiameterMm)),
            'quarter-cylinder' => QuarterCylinder::outer($mm(F::WidthMm)),
            'bow-front' => BowFront::outer($mm(F::LengthMm), $mm(F::WidthMm), $mm(F::BowMm)),
            'l-shape' => LShape::outer($mm(F::LengthMm), $mm(F::WidthMm), $mm(F::LegLengthMm), $mm(F::LegWidthMm)),
            'filled' => Filled::of(
                $mm(F::FilledL),
                $mm(F::HeightMm) - $mm(F::FloorMm),
                $mm(F::LengthMm),
                $mm(F::WidthMm),
                $mm(F::WallMm),
            ),
            default => Rectangular::outer($mm(F::LengthMm), $mm(F::WidthMm)),
        };
    }

    /** @throws OutOfRange */
    public function volume(Facts $facts): VesselVolume
    {
        return VesselVolume::of(
            $this->vessel,
            $this->runningBelowRimMm,
            $facts->number(F::RockKg),
            $facts->number(F::SandDepthMm),
        );
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
