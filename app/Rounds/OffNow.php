<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Systems\OffDevices;

/** Off on purpose or not: a device that is off heats nothing and guards nothing. */
final class OffNow implements OffDevices
{
    public function ids(array $systemIds): array
    {
        $ids = OffRecord::query()
            ->whereIn('system_id', $systemIds)
            ->whereNull('on_at')
            ->whereNotNull('item_id')
            ->pluck('item_id');

        return array_values(array_map(fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $ids->all()));
    }
}
