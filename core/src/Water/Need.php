<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

/** Water that must be on a van at a departure. */
final readonly class Need
{
    public function __construct(
        public string $key,
        public string $label,
        public float $litres,
        /** Key of the mix; null for plain RO water. */
        public ?string $mix,
        public float $salinity,
        /** Hours from now at which the van leaves. */
        public float $departH,
    ) {
    }
}
