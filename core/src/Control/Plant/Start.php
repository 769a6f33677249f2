<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** How a run begins. */
final readonly class Start
{
    /**
     * @param  float  $minute  of the day on the wall
     * @param  float  $sumpMm  in the last chamber, above the intake
     * @param  float|null  $storeL  fresh water in store; null: it comes from a line and has no end
     * @param  float  $storeMostL  what the store holds
     * @param  float|null  $alkMeqL  null: nobody knows, and its chemistry is left out
     */
    public function __construct(
        public float $minute,
        public float $tempC,
        public float $salinity,
        public float $sumpMm,
        public ?float $storeL,
        public float $storeMostL,
        public ?float $alkMeqL,
        public float $ph,
        public float $caMgL,
    ) {
    }
}
