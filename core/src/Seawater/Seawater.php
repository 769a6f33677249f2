<?php

declare(strict_types=1);

namespace Velbrin\Core\Seawater;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** Sea water at one atmosphere: density and dissolved oxygen from salinity and temperature. */
final readonly class Seawater
{
    /** Of natural sea water, where nobody has said another, g/kg. */
    public const USUAL_SALINITY = 35.0;

    /** Heat capacity near S 35, J/(kg·K) (W-12). */
    public const HEAT_CAPACITY = 3990.0;

    /** Density near S 35, 25 °C, kg/L: the rounded figure the contract's thermal questions use. */
    public const NEAR_DENSITY_KG_L = 1.0233;

    /** What a litre of it takes for a kelvin, J/(L·K). */
    public const NEAR_J_PER_L_K = self::NEAR_DENSITY_KG_L * self::HEAT_CAPACITY;

    /** Molar mass of O₂, g/mol. */
    private const OXYGEN_G_MOL = 31.998;

    private function __construct(public float $salinity, public float $tempC)
    {
    }

    /**
     * @param  float  $salinity  g/kg (practical), 0–42
     * @param  float  $tempC  0–40
     *
     * @throws OutOfRange
     */
    public static function at(float $salinity, float $tempC): self
    {
        return new self(Guard::within('salinity', $salinity, 0, 42), Guard::within('tempC', $tempC, 0, 40));
    }

    /** kg/m³. UNESCO EOS-80 at one atmosphere (Millero & Poisson 1981). */
    public function densityKgM3(): float
    {
        $t = $this->tempC;
        $s = $this->salinity;
        $pure =
            999.842594 +
            $t * (6.793952e-2 + $t * (-9.09529e-3 + $t * (1.001685e-4 + $t * (-1.120083e-6 + $t * 6.536332e-9))));
        $a = 8.24493e-1 + $t * (-4.0899e-3 + $t * (7.6438e-5 + $t * (-8.2467e-7 + $t * 5.3875e-9)));
        $b = -5.72466e-3 + $t * (1.0227e-4 - $t * 1.6546e-6);

        return $pure + $a * $s + $b * $s ** 1.5 + 4.8314e-4 * $s ** 2;
    }

    /** ρ(S, 25 °C)/ρ(0, 25 °C), the 25/25 reference whatever the water's own temperature. */
    public function specificGravity25(): float
    {
        return self::at($this->salinity, 25)->densityKgM3() / self::at(0, 25)->densityKgM3();
    }

    /** Oxygen in equilibrium with moist air, µmol/kg (Garcia & Gordon 1992, Benson & Krause fit). */
    public function oxygenSatUmolKg(): float
    {
        $ts = log((298.15 - $this->tempC) / (273.15 + $this->tempC));
        $s = $this->salinity;
        $a = 5.80871 + $ts * (3.20291 + $ts * (4.17887 + $ts * (5.10006 + $ts * (-9.86643e-2 + $ts * 3.80369))));
        $b = -7.01577e-3 + $ts * (-7.70028e-3 + $ts * (-1.13864e-2 + $ts * -9.51519e-3));

        return exp($a + $s * $b - 2.75915e-7 * $s ** 2);
    }

    public function oxygenSatMgL(): float
    {
        return ($this->oxygenSatUmolKg() * self::OXYGEN_G_MOL * $this->densityKgM3()) / 1e6;
    }
}
