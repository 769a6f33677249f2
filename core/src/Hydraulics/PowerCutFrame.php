<?php

declare(strict_types=1);

namespace Velbrin\Core\Hydraulics;

/** The water at one moment of a power cut. */
final readonly class PowerCutFrame
{
    /** @param  list<float>  $sumpLevelsMm per chamber, above the inside floor */
    public function __construct(
        public float $second,
        public string $phase,
        /** Display surface against the weir edge, mm; above is positive. */
        public float $displayMm,
        public array $sumpLevelsMm,
        /** Litres in the display above its final level, in the sump above its running level, in the pipes, on the floor. */
        public float $displayL,
        public float $sumpL,
        public float $pipesL,
        public float $floorL,
    ) {
    }

    public function totalL(): float
    {
        return $this->displayL + $this->sumpL + $this->pipesL + $this->floorL;
    }
}
