<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

/** A salt mix: how much of it, and from when until when its water may be used (W-53). */
final readonly class Mix
{
    /** Of a usual mix in a litre at 35 g/kg: what is in the water, and the water bound in the salt. */
    public const USUAL_G_PER_L = 38.5;

    public function __construct(
        public string $key,
        public string $name,
        /** At 35 g/kg. */
        public float $gramsPerL,
        /** Hours after mixing. */
        public float $usableFromH,
        /** Hours after mixing, covered and moving; the same day for one with live cultures. */
        public float $usableUntilH,
    ) {
    }

    public function saltKg(float $litres, float $salinity): float
    {
        return ($litres * $this->gramsPerL * $salinity) / 35 / 1000;
    }
}
