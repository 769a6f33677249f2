<?php

declare(strict_types=1);

namespace Velbrin\Core\Light;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * Photosynthetic photon flux density at points in the water (B-50): each fixture’s beam by the inverse square and the cosine of
 * incidence, less what the surface sends back and what the water takes on its way down. Straight rays: deep points right under a
 * lamp get a little more in truth (refraction); a survey calibrates (B-52).
 */
final class LightField
{
    /** Share lost at the surface. */
    public const SURFACE_LOSS = 0.08;

    /** Clear tank water, a metre. */
    public const CLEAR_WATER_PER_M = 0.25;

    /** Of sea water, for callers who ask for the refracted way. */
    private const REFRACTION = 1.34;

    /**
     * PAR = Σ PPF·(m + 1)/(2π)·cosᵐθ·cosφ/d², then ·(1 − loss)·e^(−k·z). The lamp points down and the point faces up: φ = θ.
     *
     * @param  list<Fixture>  $fixtures
     * @param  bool  $refracted  depth counts as depth/1.34 in the distance
     * @return float µmol/m²/s
     *
     * @throws OutOfRange
     */
    public static function par(array $fixtures, float $xMm, float $yMm, float $depthMm, float $attenuationPerM, float $surfaceLoss = self::SURFACE_LOSS, bool $refracted = false): float
    {
        Guard::finite('xMm', $xMm);
        Guard::finite('yMm', $yMm);
        Guard::notNegative('depthMm', $depthMm);
        Guard::notNegative('attenuationPerM', $attenuationPerM);
        Guard::within('surfaceLoss', $surfaceLoss, 0, 1);
        $sum = 0.0;
        foreach ($fixtures as $lamp) {
            $down = ($lamp->aboveWaterMm + ($refracted ? $depthMm / self::REFRACTION : $depthMm)) / 1000;
            $aside2 = (($xMm - $lamp->xMm) ** 2 + ($yMm - $lamp->yMm) ** 2) / 1e6;
            $d2 = $down * $down + $aside2;
            $m = $lamp->order();
            $sum += $lamp->ppf * ($m + 1) / (2 * M_PI) * ($down / sqrt($d2)) ** ($m + 1) / $d2;
        }

        return $sum * (1 - $surfaceLoss) * exp(-$attenuationPerM * $depthMm / 1000);
    }
}
