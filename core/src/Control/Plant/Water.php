<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Seawater\Seawater;

/** One of the waters of a run and what is in it: amounts, not concentrations, so that nothing is made or lost. */
final class Water
{
    /** As its level stands. */
    public float $litres = 0.0;

    public float $tempC = 0.0;

    public float $saltG = 0.0;

    public float $alkMeq = 0.0;

    public float $dicMmol = 0.0;

    public float $caMg = 0.0;

    public float $oxygenMg = 0.0;

    /** As a probe reads it. */
    public float $ph = 8.2;

    /** g/kg, as it was last mixed. */
    public float $salinity = 0.0;

    /** @var array{K0: float, K1: float, K2: float, KB: float, KW: float, BT: float}|null at the temperature and salinity it has */
    public ?array $carbonate = null;

    /** Of oxygen it could hold, mg/L. */
    public float $oxygenSatMgL = 0.0;

    /** So much of an amount in each litre; 0 where there is no water. */
    public function perL(float $amount): float
    {
        return $this->litres > 0 ? $amount / $this->litres : 0.0;
    }

    /** Its salinity by the salt that is in it now. */
    public function mixed(): void
    {
        $this->salinity = $this->litres > 0 ? $this->saltG / ($this->litres * Seawater::NEAR_DENSITY_KG_L) : 0.0;
    }

    /** Heat stored in it, J above 0 °C. */
    public function storedJ(): float
    {
        return Seawater::NEAR_J_PER_L_K * $this->litres * $this->tempC;
    }
}
