<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Chemistry\ReadingUnit;

/** Where harm begins (R-21): usual limits, until a system says otherwise. */
final readonly class HarmLimits
{
    public function __construct(
        public float $lowC = 18.0,
        public float $highC = 30.0,
        public float $oxygenMgL = 4.0,
        public float $lowSalinity = 28.0,
        public float $highSalinity = 39.0,
        public float $highPh = 8.8,
        public float $alkRiseMeqL = 4.0 / ReadingUnit::DKH_PER_MEQ,
    ) {
    }

    /**
     * What is beyond its limit now.
     *
     * @param  float|null  $alkRiseMeqL  within the last 24 h; null: not followed
     * @return list<string>
     */
    public function beyond(State $s, bool $hasChemistry, ?float $alkRiseMeqL): array
    {
        $water = $s->display;
        $salinity = $water->salinity;
        $harms = [];
        if ($water->tempC <= $this->lowC) {
            $harms[] = 'cold';
        }
        if ($water->tempC >= $this->highC) {
            $harms[] = 'hot';
        }
        if ($salinity <= $this->lowSalinity) {
            $harms[] = 'salinity low';
        }
        if ($salinity >= $this->highSalinity) {
            $harms[] = 'salinity high';
        }
        if ($hasChemistry && $water->perL($water->oxygenMg) <= $this->oxygenMgL) {
            $harms[] = 'oxygen';
        }
        if ($hasChemistry && $water->ph >= $this->highPh) {
            $harms[] = 'ph';
        }
        if ($alkRiseMeqL !== null && $alkRiseMeqL >= $this->alkRiseMeqL) {
            $harms[] = 'alkalinity';
        }
        if ($s->floorL > 1e-9) {
            $harms[] = 'water on the floor';
        }

        return $harms;
    }
}
