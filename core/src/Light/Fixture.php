<?php

declare(strict_types=1);

namespace Velbrin\Core\Light;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** A lamp over the water, pointing straight down (B-50). Places in mm from one corner of the tank, seen from above. */
final readonly class Fixture
{
    private function __construct(
        public float $xMm,
        public float $yMm,
        public float $aboveWaterMm,
        /** Photosynthetic photon flux, µmol/s. */
        public float $ppf,
        /** From the axis to half the intensity; half of a maker’s beam angle. */
        public float $halfAngleDeg,
        /** Of a generalised Lambertian beam: m = ln ½ / ln cos θ½. */
        public float $order,
        /** Read with a meter instead of told by a beam. */
        public ?MeasuredGrid $grid = null,
    ) {
    }

    /** @throws OutOfRange */
    public static function of(float $xMm, float $yMm, float $aboveWaterMm, float $ppf, float $halfAngleDeg): self
    {
        $half = Guard::within('halfAngleDeg', $halfAngleDeg, 1, 89);

        return new self(
            Guard::finite('xMm', $xMm),
            Guard::finite('yMm', $yMm),
            Guard::positive('aboveWaterMm', $aboveWaterMm),
            Guard::notNegative('ppf', $ppf),
            $half,
            log(0.5) / log(cos(deg2rad($half))),
        );
    }

    /** A lamp somebody measured: its grid stands for flux and beam. @throws OutOfRange */
    public static function measured(float $xMm, float $yMm, float $aboveWaterMm, MeasuredGrid $grid): self
    {
        return new self(
            Guard::finite('xMm', $xMm),
            Guard::finite('yMm', $yMm),
            Guard::positive('aboveWaterMm', $aboveWaterMm),
            $grid->ppf(),
            45,
            1,
            $grid,
        );
    }

    /** Photon flux from power and efficacy, µmol/s. @throws OutOfRange */
    public static function ppfOf(float $watts, float $efficacyUmolJ): float
    {
        return Guard::notNegative('watts', $watts) * Guard::within('efficacyUmolJ', $efficacyUmolJ, 0.1, 6);
    }
}
