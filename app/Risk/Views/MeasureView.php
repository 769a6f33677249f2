<?php

declare(strict_types=1);

namespace App\Risk\Views;

/** One thing that could be done: its price, its upkeep, what it takes from the year and what it adds. */
final readonly class MeasureView
{
    /**
     * @param  list<array{hazard: string, before: float, after: float}>  $changes  yearly loss, or harms where no loss is known
     */
    public function __construct(
        public string $kind,
        public string $label,
        public ?int $priceMinor,
        public ?string $price,
        public float $upkeepMin,
        public int $devices,
        /** Yearly loss it saves by itself, upkeep taken off; below 0: it costs more than it saves. */
        public float $saves,
        public ?string $savesShown,
        public array $changes,
        public bool $chosen,
    ) {
    }
}
