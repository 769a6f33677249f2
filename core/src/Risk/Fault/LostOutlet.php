<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Fault;

use Velbrin\Core\Control\Job;

/** What one outlet does once its controller is silent (K-13, X-26). */
final readonly class LostOutlet
{
    public function __construct(
        public string $name,
        public Job $job,
        /** 0 off, 1 on; null: nobody has said. */
        public ?float $level,
        /** Of what hangs on it, W. */
        public float $watts = 0.0,
        /** It has a thermostat of its own; null: nobody has said. */
        public ?bool $ownThermostat = null,
    ) {
    }
}
