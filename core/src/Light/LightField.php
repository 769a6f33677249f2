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
    public static function par(
        array $fixtures,
        float $xMm,
        float $yMm,
        float $depthMm,
        float $attenuationPerM,
        float $surfaceLoss = self::SURFACE_LOSS,
        bool $refracted = false,
    ): float {
        Guard::finite('xMm', $xMm);
        Guard::finite('yMm', $yMm);

        return self::at(self::beams($fixtures, $depthMm, $attenuationPerM, $surfaceLoss, $refracted), $xMm, $yMm) +
            array_sum(self::measured($fixtures, [$xMm], $yMm, $depthMm, $attenuationPerM, $surfaceLoss, $refracted));
    }

    /**
     * What the lamps somebody measured give along a row of points: their grid in the same direction, by the inverse square.
     *
     * @param  list<Fixture>  $fixtures
     * @param  list<float>  $xsMm
     * @return list<float> µmol/m²/s
     */
    public static function measured(
        array $fixtures,
        array $xsMm,
        float $yMm,
        float $depthMm,
        float $attenuationPerM,
        float $surfaceLoss = self::SURFACE_LOSS,
        bool $refracted = false,
    ): array {
        $sums = array_fill(0, count($xsMm), 0.0);
        $through = (1 - $surfaceLoss) * exp((-$attenuationPerM * $depthMm) / 1000);
        foreach ($fixtures as $lamp) {
            if ($lamp->grid === null) {
                continue;
            }
            $nearer =
                $lamp->grid->distanceMm / ($lamp->aboveWaterMm + ($refracted ? $depthMm / self::REFRACTION : $depthMm));
            foreach ($xsMm as $c => $x) {
                $sums[$c] +=
                    $through *
                    $nearer *
                    $nearer *
                    $lamp->grid->at(($x - $lamp->xMm) * $nearer, ($yMm - $lamp->yMm) * $nearer);
            }
        }

        return array_values($sums);
    }

    /**
     * What of each beam is the same all over one depth: its place in m, 1 by the square of the way down, what arrives right under it,
     * and the power of (d/down)² it falls off by: cosᵐ⁺¹θ and the inverse square in one, since cosθ = down/d.
     *
     * @param  list<Fixture>  $fixtures
     * @return list<array{0: float, 1: float, 2: float, 3: float, 4: float}>
     *
     * @throws OutOfRange
     */
    public static function beams(
        array $fixtures,
        float $depthMm,
        float $attenuationPerM,
        float $surfaceLoss = self::SURFACE_LOSS,
        bool $refracted = false,
    ): array {
        Guard::notNegative('depthMm', $depthMm);
        Guard::notNegative('attenuationPerM', $attenuationPerM);
        Guard::within('surfaceLoss', $surfaceLoss, 0, 1);
        $through = ((1 - $surfaceLoss) * exp((-$attenuationPerM * $depthMm) / 1000)) / (2 * M_PI);
        $beams = [];
        foreach ($fixtures as $lamp) {
            if ($lamp->grid !== null) {
                continue;
            }
            $down = ($lamp->aboveWaterMm + ($refracted ? $depthMm / self::REFRACTION : $depthMm)) / 1000;
            $power = $lamp->order + 1;
            $perDown2 = 1 / ($down * $down);
            $beams[] = [
                $lamp->xMm / 1000,
                $lamp->yMm / 1000,
                $perDown2,
                $lamp->ppf * $power * $through * $perDown2,
                -$power / 2 - 1,
            ];
        }

        return $beams;
    }

    /**
     * @param  list<array{0: float, 1: float, 2: float, 3: float, 4: float}>  $beams
     * @return float µmol/m²/s
     */
    public static function at(array $beams, float $xMm, float $yMm): float
    {
        [$x, $y] = [$xMm / 1000, $yMm / 1000];
        $sum = 0.0;
        foreach ($beams as [$bx, $by, $perDown2, $under, $power]) {
            $sum += $under * (1 + $perDown2 * (($x - $bx) * ($x - $bx) + ($y - $by) * ($y - $by))) ** $power;
        }

        return $sum;
    }

    /**
     * A grid of points at one depth, lamp by lamp: the same sums as point by point, at less than half the cost.
     *
     * @param  list<array{0: float, 1: float, 2: float, 3: float, 4: float}>  $beams
     * @param  list<float>  $xsMm
     * @param  list<float>  $ysMm
     * @return list<list<float>> µmol/m²/s, row by row
     */
    public static function grid(array $beams, array $xsMm, array $ysMm): array
    {
        $asides = array_map(
            fn (array $beam): array => array_map(fn (float $x): float => $beam[2] * ($x / 1000 - $beam[0]) ** 2, $xsMm),
            $beams,
        );
        $nothing = array_fill(0, count($xsMm), 0.0);
        $rows = [];
        foreach ($ysMm as $yMm) {
            $sums = $nothing;
            foreach ($beams as $n => [, $by, $perDown2, $under, $power]) {
                $across = $yMm / 1000 - $by;
                $across2 = 1 + $perDown2 * $across * $across;
                foreach ($asides[$n] as $c => $aside2) {
                    $sums[$c] += $under * ($across2 + $aside2) ** $power;
                }
            }
            $rows[] = array_values($sums);
        }

        return $rows;
    }
}
