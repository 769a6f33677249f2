<?php

declare(strict_types=1);

namespace Velbrin\Core\Vessel;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;

/** Gross and net water of one vessel (W-1 … W-4). */
final readonly class VesselVolume
{
    /** Aragonite grain, kg/L: what a kilogram of rock displaces once its pores are full. */
    public const ROCK_GRAIN_KG_L = 2.8;

    /** Share of a sand bed that is water. */
    public const SAND_POROSITY = 0.42;

    /** Bulk density of dry aragonite sand, kg/L. */
    public const SAND_BULK_KG_L = 1.5;

    private function __construct(
        /** Inside volume to the water line, L. */
        public float $grossL,
        /** Gross less rock and sand grains, L. */
        public float $netL,
        public float $sandKg,
        public float $rockL,
        public float $sandGrainL,
        /** Inside area, m². */
        public float $footprintM2,
        /** Water line above the inside floor, mm. */
        public float $waterHeightMm,
    ) {
    }

    /**
     * @param  float  $waterGapMm  from the rim down to the water line
     *
     * @throws OutOfRange when nothing is left inside, the sand stands above the water, or rock and sand leave no water
     */
    public static function of(Vessel $vessel, float $waterGapMm = 0, float $rockKg = 0, float $sandDepthMm = 0): self
    {
        Guard::notNegative('waterGapMm', $waterGapMm);
        Guard::notNegative('rockKg', $rockKg);
        Guard::notNegative('sandDepthMm', $sandDepthMm);
        $height = $vessel->insideHeightMm() - $waterGapMm;
        if ($height <= 0) {
            throw OutOfRange::number(
                'waterGapMm',
                $waterGapMm,
                Phrase::LessThanTheInsideHeight,
                ['insideHeightMm' => Quantity::of($vessel->insideHeightMm(), Kind::Length)],
            );
        }
        if ($sandDepthMm > $height) {
            throw OutOfRange::number(
                'sandDepthMm',
                $sandDepthMm,
                Phrase::AtMostTheWaterDepth,
                ['height' => (string) $height],
            );
        }
        $area = $vessel->insideAreaM2();
        $gross = $area * $height;
        $sand = $area * $sandDepthMm;
        $rockL = $rockKg / self::ROCK_GRAIN_KG_L;
        $grains = $sand * (1 - self::SAND_POROSITY);
        if ($gross - $rockL - $grains <= 0) {
            throw OutOfRange::number('rockKg', $rockKg, Phrase::LittleEnoughToLeaveWater);
        }

        return new self(
            $gross,
            $gross - $rockL - $grains,
            $sand * self::SAND_BULK_KG_L,
            $rockL,
            $grains,
            $area,
            $height,
        );
    }
}
