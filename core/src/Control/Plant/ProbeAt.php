<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** Where a probe hangs, and how it reads. */
final readonly class ProbeAt
{
    /**
     * @param  string  $quantity  temperature, ph, salinity, oxygen, level
     * @param  float  $resolution  its step
     * @param  float  $noise  one standard deviation; 0: none
     */
    public function __construct(public string $quantity, public Body $body, public float $resolution, public float $noise = 0.0)
    {
    }
}
