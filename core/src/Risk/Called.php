<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

/** A person an alarm calls. */
final readonly class Called
{
    public function __construct(
        public string $name,
        /** Not on leave, and reachable. */
        public bool $answers,
        /** Minutes until the next one is called. */
        public float $stepMin = 15,
        /** From where they are to the place, drive and parking. */
        public float $travelMin = 30,
        /** Needs no opening hours. */
        public bool $hasKey = false,
    ) {
    }
}
