<?php

declare(strict_types=1);

namespace Velbrin\Core\Heat;

/** n equal heaters, judged three ways (B-41). */
final readonly class HeaterSet
{
    public function __construct(
        public int $count,
        public float $wattsEach,
        /** All on, against the need with 20 % spare. */
        public bool $holds,
        /** One failed off: does the rest keep the water above the lower harm limit? */
        public bool $survivesOneOff,
        /** One stuck on: hours from set point to the upper harm limit; null when it never gets there. */
        public ?float $stuckOnHours,
        public ?float $stuckOnSettlesC,
        public bool $safeStuckOn,
        /** Power with all on divided by the need at set point (a need under 1 W counts as 1). */
        public float $reserve,
        /** Heat with one off less what 18 °C needs, W. */
        public float $oneOffSpareW,
    ) {
    }

    public function passes(): bool
    {
        return $this->holds && $this->survivesOneOff && $this->safeStuckOn;
    }

    public function totalW(): float
    {
        return $this->count * $this->wattsEach;
    }
}
