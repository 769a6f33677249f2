<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

/** Water somebody counts on from the store: an emergency share, a booking, a change (X-15). */
final readonly class Promise
{
    public function __construct(
        public string $label,
        public float $litres,
        /** Key of the mix; null: any serves. */
        public ?string $mix = null,
        /** g/kg; null: any serves. */
        public ?float $salinity = null,
        /** When it is taken, hours from now; null: at any moment, so what keeps longest stays for it. */
        public ?float $atH = null,
    ) {
    }
}
