<?php

declare(strict_types=1);

namespace App\Control\Views;

final readonly class StripView
{
    /** @param  list<OutletView>  $outlets */
    public function __construct(
        public int $id,
        public string $name,
        public ?int $circuitId,
        public ?string $circuit,
        public ?string $rating,
        public ?bool $ownClock,
        public array $outlets,
    ) {
    }
}
