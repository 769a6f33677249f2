<?php

declare(strict_types=1);

namespace App\Rounds\Views;

/** One stop of a crew's day: a sounding on the vehicle's water. */
final readonly class StopView
{
    public function __construct(
        public int $id,
        public string $place,
        public string $client,
        public ?string $at,
        public int $minutes,
        /** "62 L", or nothing. */
        public ?string $water,
        /** Share of the vehicle's salt water left after it, 0–1. */
        public float $levelAfter,
        public string $work,
        public bool $pinned,
        /** Moved by hand: a proposal leaves it there until it is released. */
        public bool $promised,
        public bool $moved,
        public string $state,
        /** Days later than due; 0 in time. */
        public int $lateDays,
        public ?string $why,
        public string $dueOn,
        /** What is assumed because nobody has said. */
        public ?string $asks,
        /** Who knows the place while whoever usually goes there is away. */
        public ?string $knows,
        public int $siteId,
    ) {
    }
}
