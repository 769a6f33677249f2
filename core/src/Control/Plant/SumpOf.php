<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/**
 * A sump: its chambers stand at their baffles and only the last one varies, until it is as high as they are; from there on all rise
 * together.
 */
final readonly class SumpOf
{
    /**
     * @param  float  $fixedL  litres of the chambers at their baffles, and of the last one below the pump’s intake
     * @param  float  $returnM2  of the last chamber
     * @param  float  $allM2  of all of them
     * @param  float  $baffleMm  above the intake
     * @param  float  $rimMm  above the intake
     * @param  float  $skimmerMm  above the baffle at which the skimmer boils over
     */
    public function __construct(
        public float $fixedL,
        public float $returnM2,
        public float $allM2,
        public float $baffleMm,
        public float $rimMm,
        public float $skimmerMm,
        public float $cupL,
    ) {
    }

    /** Litres above the intake at that level. */
    public function litres(float $mm): float
    {
        return $mm <= $this->baffleMm
            ? $mm * $this->returnM2
            : $this->baffleMm * $this->returnM2 + ($mm - $this->baffleMm) * $this->allM2;
    }

    /** The level those litres above the intake stand at, mm. */
    public function level(float $litres): float
    {
        $toBaffleL = $this->baffleMm * $this->returnM2;

        return $litres <= $toBaffleL ? $litres / $this->returnM2 : $this->baffleMm + ($litres - $toBaffleL) / $this->allM2;
    }
}
