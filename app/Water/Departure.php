<?php

declare(strict_types=1);

namespace App\Water;

use Carbon\CarbonImmutable;

/** Water one van takes for one place. */
final readonly class Departure
{
    public function __construct(
        public int $visitId,
        public string $label,
        public CarbonImmutable $at,
        public float $litres,
        public ?int $mixId,
        public float $salinity,
    ) {
    }

    /** One visit may take two mixes, and RO besides. */
    public function key(): string
    {
        return "visit-{$this->visitId}-".
            ($this->mixId === null ? 'ro' : SaltMix::key($this->mixId)."-{$this->salinity}");
    }
}
