<?php

declare(strict_types=1);

namespace App\Rounds\Views;

/** One crew's day on the board. */
final readonly class CrewDayView
{
    /** @param  list<StopView>  $stops */
    public function __construct(
        public string $date,
        public bool $works,
        public array $stops,
        public ?string $backAt,
        public int $drivingMin,
        public int $overtimeMin,
        public string $water,
        public float $levelStart,
        public string $load,
        public ?string $refusal,
        /** "Jory away", "Midwinter"; empty where all are there. */
        public string $away,
    ) {
    }
}
