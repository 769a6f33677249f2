<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Hydraulics\Crest;

/** The tank people look at, up to the edge its water runs over. */
final readonly class Display
{
    /**
     * @param  float  $crestL  net litres with the water at the edge
     * @param  float  $rimMm  from the edge to the rim
     * @param  Crest|null  $crest  null: it has no overflow
     * @param  float  $drainLh  what the main drain carries
     * @param  float  $emergencyLh  what the others carry beside it
     * @param  float  $siphonMm  below the edge to where a resting return line still draws back
     */
    public function __construct(
        public float $areaM2,
        public float $crestL,
        public float $rimMm,
        public ?Crest $crest,
        public float $drainLh,
        public float $emergencyLh,
        public float $siphonMm,
    ) {
    }
}
