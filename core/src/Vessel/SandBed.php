<?php

declare(strict_types=1);

namespace Velbrin\Core\Vessel;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Working;

/** What a measured profile of sand depths lacks to its aim (W-4, read backwards). */
final readonly class SandBed
{
    /** Bulk density, kg/L: dry aragonite; wet or bagged live sand. */
    public const DRY_KG_L = 1.5;

    public const LIVE_KG_L = 1.7;

    private function __construct(
        public float $meanMm,
        public float $kgShort,
        public float $litresShort,
        public Working $working,
    ) {
    }

    /**
     * @param  non-empty-list<float>  $depthsMm  three to five points, or a grid
     * @param  float  $kgL  1.5 dry, 1.7 wet
     *
     * @throws OutOfRange
     */
    public static function short(float $areaM2, array $depthsMm, float $aimMm, float $kgL = self::DRY_KG_L): self
    {
        Guard::positive('areaM2', $areaM2);
        Guard::notNegative('aimMm', $aimMm);
        Guard::positive('kgL', $kgL);
        foreach ($depthsMm as $depth) {
            Guard::notNegative('depthsMm', $depth);
        }
        $mean = array_sum($depthsMm) / count($depthsMm);
        $litres = $areaM2 * max(0.0, $aimMm - $mean);

        return new self(
            $mean,
            $litres * $kgL,
            $litres,
            Working::of(
                'Sand to bring',
                'A*max(0, a - d)*r',
                [
                    ['A', 'Area of the bed', $areaM2, Kind::Area],
                    ['a', 'Aim', $aimMm, Kind::Length],
                    ['d', 'Mean of the measured depths', $mean, Kind::Length],
                    ['r', 'Bulk density, kg/L', $kgL, Kind::Factor],
                ],
                Quantity::of($litres * $kgL, Kind::Mass),
                'W-4',
            ),
        );
    }
}
