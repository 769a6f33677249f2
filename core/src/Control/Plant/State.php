<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** All that changes in a run: levels, the two waters with what is in them, and what came and went since it began. */
final class State
{
    public Water $display;

    /** Empty in a system without a sump. */
    public Water $sump;

    /** Water in the display above its edge; below it where a line has drawn it down, mm. */
    public float $overMm = 0.0;

    /** Litres of the last chamber above the pump’s intake. */
    public float $returnL = 0.0;

    /** The level of the last chamber above the intake, mm; of a system without a sump, that of the display. */
    public float $sumpMm = 0.0;

    /** Fresh water in store, L. */
    public float $storeL = 0.0;

    public float $floorL = 0.0;

    public float $cupL = 0.0;

    public float $evaporatedL = 0.0;

    /** From the mains, L. */
    public float $mainsL = 0.0;

    public float $roomC = 0.0;

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

    public float $drainLh = 0.0;

    public float $returnLh = 0.0;

    public function __construct(private readonly PlantSpec $plant)
    {
        $this->display = new Water();
        $this->sump = new Water();
    }

    public function __clone()
    {
        $this->display = clone $this->display;
        $this->sump = clone $this->sump;
    }

    /** The levels stand otherwise, and with them the litres of both waters. */
    public function measure(): void
    {
        $display = $this->plant->display;
        $sump = $this->plant->sump;
        $this->display->litres = $display->crestL + $display->areaM2 * $this->overMm;
        $this->sump->litres = $sump === null ? 0.0 : $sump->fixedL + $this->returnL;
        $this->sumpMm = $sump === null ? $this->overMm : $sump->level($this->returnL);
    }

    public function water(Body $body): Water
    {
        return $body === Body::Sump && $this->plant->sump !== null ? $this->sump : $this->display;
    }

    /** All water there is, wherever it lies, L. */
    public function allL(): float
    {
        return $this->display->litres + $this->sump->litres + $this->storeL + $this->floorL + $this->cupL;
    }
}
