<?php

declare(strict_types=1);

namespace App\Risk\Views;

use Illuminate\Bus\Batch;

/** How far a fleet's run is. */
final readonly class FleetRunView
{
    private function __construct(
        public string $id,
        /** 0 to 1. */
        public float $share,
    ) {
    }

    public static function of(?Batch $batch): ?self
    {
        return $batch === null ? null : new self($batch->id, $batch->progress() / 100);
    }
}
