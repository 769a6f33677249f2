<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

/** One filling of a mixing vessel: when it is filled, mixed and warmed, tested, and for whom. Hours from now. */
final readonly class Batch
{
    /** @param  array<string, float>  $for  litres by need */
    private function __construct(
        public Mix $mix,
        public float $salinity,
        public float $litres,
        public float $saltKg,
        public array $for,
        /** Loading begins for the first departure it serves. */
        public float $loadAtH,
        public float $lastDepartH,
        /** Hours of all the heating's watts. */
        public float $heatH,
        /** Which of the station's vessels, from 0. */
        public int $vessel = 0,
        public float $fillAtH = 0,
        public float $mixAtH = 0,
        /** The heating is this vessel's alone from here on, for heatH. */
        public float $heatFromH = 0,
        public float $testAtH = 0,
        public float $readyAtH = 0,
    ) {
    }

    /** @param  array<string, float>  $for  litres by need */
    public static function of(
        Mix $mix,
        float $salinity,
        float $litres,
        array $for,
        float $loadAtH,
        float $lastDepartH,
        float $heatH,
    ): self {
        return new self(
            mix: $mix,
            salinity: $salinity,
            litres: $litres,
            saltKg: $mix->saltKg($litres, $salinity),
            for: $for,
            loadAtH: $loadAtH,
            lastDepartH: $lastDepartH,
            heatH: $heatH,
        );
    }

    public function at(int $vessel, float $fillAtH, float $mixAtH, float $heatFromH, float $testAtH, float $testH): self
    {
        return new self(
            mix: $this->mix,
            salinity: $this->salinity,
            litres: $this->litres,
            saltKg: $this->saltKg,
            for: $this->for,
            loadAtH: $this->loadAtH,
            lastDepartH: $this->lastDepartH,
            heatH: $this->heatH,
            vessel: $vessel,
            fillAtH: $fillAtH,
            mixAtH: $mixAtH,
            heatFromH: $heatFromH,
            testAtH: $testAtH,
            readyAtH: $testAtH + $testH,
        );
    }

    /** Hours from filled to fit for testing. */
    public function turnH(): float
    {
        return $this->testAtH - $this->mixAtH;
    }

    /** Whether warming, or waiting for the heating, takes longer than mixing. */
    public function heatGoverns(): bool
    {
        return $this->turnH() > $this->mix->usableFromH + 1e-9;
    }
}
