<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

/** One thing said of an incident, by whom and when. */
final readonly class Entry
{
    public function __construct(
        public Said $said,
        /** Seconds on one clock. */
        public float $atS,
        /** Which state, which action, which quantity. */
        public ?string $of = null,
        public ?float $value = null,
        public ?string $words = null,
    ) {
    }
}
