<?php

declare(strict_types=1);

namespace Velbrin\Core\Heat;

/** A heater that stands in a system now. */
final readonly class Heater
{
    public function __construct(
        public string $name,
        public float $watts,
        /** The switch, probe or controller it hangs on; null: nobody has said. Those of one switch stick and fail together (R-50). */
        public ?string $switch = null,
        public bool $inSump = false,
        /** Its thermostat or probe stands in the same water; null: nobody has said, and the worse is counted (R-52). */
        public ?bool $sensesOwnVessel = null,
    ) {
    }
}
