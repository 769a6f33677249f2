<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Risk\SeenFailures;

/** Devices that reviews name as what failed (X-51). */
final class ReviewedFailures implements SeenFailures
{
    public function byItem(): array
    {
        return Incident::query()
            ->whereNotNull('closed_at')
            ->whereNotNull('failed_item_id')
            ->whereNotNull('failed_age_years')
            ->orderBy('began_at')
            ->pluck('failed_age_years', 'failed_item_id')
            ->mapWithKeys(fn (mixed $years, int|string $id): array => [(int) $id => is_numeric($years) ? (float) $years : 0.0])
            ->all();
    }
}
