<?php

declare(strict_types=1);

namespace App\Rounds\Views;

/** A crew with its week. */
final readonly class CrewRowView
{
    /** @param  list<CrewDayView>  $days */
    public function __construct(
        public int $id,
        public string $name,
        public string $members,
        public string $vehicle,
        public array $days,
    ) {
    }
}
