<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

/** What is known of a body of water. */
final readonly class WaterValues
{
    public function __construct(
        public float $tempC,
        /** g/kg. */
        public float $salinity,
        public ?float $alkDkh = null,
        /** Probe (NBS). */
        public ?float $ph = null,
    ) {
    }
}
