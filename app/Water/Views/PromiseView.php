<?php

declare(strict_types=1);

namespace App\Water\Views;

/** A promise of water, and what it lacks of standing, ready water. */
final readonly class PromiseView
{
    public function __construct(
        public string $label,
        public string $litres,
        public ?string $lacks,
        /** Litres still to be mixed for it. */ public ?string $toMix,
    ) {
    }
}
