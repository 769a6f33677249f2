<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Seawater\Seawater;

/**
 * All that changes in a run: levels, litres, and what is in them. Amounts, not concentrations, so that nothing is made or lost. The
 * first of two numbers is the display, the second the sump.
 */
final class State
{
    /** Water in the display above its edge; below it where a line has drawn it down, mm. */
    public float $overMm = 0.0;

    /** Litres of the last chamber above the pump’s intake. */
    public float $returnL = 0.0;

    /** Fresh water in store, L. */
    public float $storeL = 0.0;

    public float $floorL = 0.0;

    public float $cupL = 0.0;

    public float $evaporatedL = 0.0;

    /** From the mains, L. */
    public float $mainsL = 0.0;

    public float $roomC = 0.0;

    /** @var array{float, float} */
    public array $tempC = [0.0, 0.0];

    /** @var array{float, float} */
    public array $saltG = [0.0, 0.0];

    /** @var array{float, float} */
    public array $alkMeq = [0.0, 0.0];

    /** @var array{float, float} */
    public array $dicMmol = [0.0, 0.0];

    /** @var array{float, float} */
    public array $caMg = [0.0, 0.0];

    /** @var array{float, float} */
    public array $oxygenMg = [0.0, 0.0];

    /** @var array{float, float} as a probe reads it */
    public array $ph = [8.2, 8.2];

    /** What left with spilled water and skimmate. */
    public float $saltOutG = 0.0;

    public float $alkInMeq = 0.0;

    public float $alkOutMeq = 0.0;

    public float $dicInMmol = 0.0;

    public float $dicOutMmol = 0.0;

    /** Heat that came in with devices, the room and new water, less what left, J. */
    public float $heatJ = 0.0;

    /** Drawn by all devices, Wh. */
    public float $drawnWh = 0.0;

    /** @var array<string, float> litres of solution left in each doser’s vessel, by outlet, mL */
    public array $vesselMl = [];

    /** @var array<string, float> what each probe has come to, with its lag */
    public array $lagged = [];

    public float $drainLh = 0.0;

    public float $returnLh = 0.0;

    public function __construct(private readonly PlantSpec $plant)
    {
    }

    public function displayL(): float
    {
        return $this->plant->display->crestL + $this->plant->display->areaM2 * $this->overMm;
    }

    public function sumpL(): float
    {
        return $this->plant->sump === null ? 0.0 : $this->plant->sump->fixedL + $this->returnL;
    }

    /** @return array{float, float} */
    public function litres(): array
    {
        return [$this->displayL(), $this->sumpL()];
    }

    /** The level of the last chamber above the intake, mm; of a system without a sump, that of the display. */
    public function sumpMm(): float
    {
        return $this->plant->sump?->level($this->returnL) ?? $this->overMm;
    }

    /** @param  array{float, float}  $amounts */
    public function per(array $amounts, int $body): float
    {
        $litres = $body === 0
            ? $this->plant->display->crestL + $this->plant->display->areaM2 * $this->overMm
            : $this->sumpL();

        return $litres > 0 ? $amounts[$body] / $litres : 0.0;
    }

    public function salinity(int $body): float
    {
        return $this->per($this->saltG, $body) / Seawater::NEAR_DENSITY_KG_L;
    }

    /** All water there is, wherever it lies, L. */
    public function allL(): float
    {
        return $this->displayL() + $this->sumpL() + $this->storeL + $this->floorL + $this->cupL;
    }

    /** @return array{float, float} heat stored in each water, J above 0 °C */
    public function storedJ(): array
    {
        return [
            Warmth::J_PER_L_K * $this->displayL() * $this->tempC[0],
            Warmth::J_PER_L_K * $this->sumpL() * $this->tempC[1],
        ];
    }
}
