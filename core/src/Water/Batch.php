<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

/** One filling of a mixing vessel: when it is filled, mixed and warmed, tested, and for whom. Hours from now. */
final readonly class Batch
{
    /** @param  array<string, float>  $for  litres by need */
    public function __construct(
        public Mix $mix,
        public float $salinity,
        public float $litres,
        public float $saltKg,
        public array $for,
        /** Which of the station's vessels, from 0. */
        public int $vessel,
        public float $fillAtH,
        public float $mixAtH,
        public float $testAtH,
        public float $readyAtH,
        /** Loading begins for the first departure it serves. */
        public float $loadAtH,
        public float $lastDepartH,
        /** Hours the slower of mixing and warming takes, and which it is. */
        public float $turnH,
        public bool $heatGoverns,
    ) {
    }

    public function at(float $fillAtH, int $vessel, float $fillH, float $testH): self
    {
        return new self($this->mix, $this->salinity, $this->litres, $this->saltKg, $this->for, $vessel, $fillAtH, $fillAtH + $fillH, $fillAtH + $fillH + $this->turnH,
            $fillAtH + $fillH + $this->turnH + $testH, $this->loadAtH, $this->lastDepartH, $this->turnH, $this->heatGoverns);
    }
}
