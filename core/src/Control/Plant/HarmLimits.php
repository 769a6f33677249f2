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
        $salinity = $s->salinity(0);

        return array_keys(array_filter([
            'cold' => $s->tempC[0] <= $this->lowC,
            'hot' => $s->tempC[0] >= $this->highC,
            'salinity low' => $salinity <= $this->lowSalinity,
            'salinity high' => $salinity >= $this->highSalinity,
            'oxygen' => $hasChemistry && $s->per($s->oxygenMg, 0) <= $this->oxygenMgL,
            'ph' => $hasChemistry && $s->ph[0] >= $this->highPh,
            'alkalinity' => $alkRiseMeqL !== null && $alkRiseMeqL >= $this->alkRiseMeqL,
            'water on the floor' => $s->floorL > 1e-9,
        ]));
    }
}
