<?php

declare(strict_types=1);

namespace App\Stores;

use App\Rounds\VanStock;
use App\Rounds\Visit;
use App\Team\User;

/** The shelves a visit takes from: its own van's. */
final class VanShelves implements VanStock
{
    public function __construct(private readonly MoveStock $move)
    {
    }

    public function lies(Visit $visit): array
    {
        return array_values(
            Stock::query()
                ->join('parts', 'parts.id', '=', 'stocks.part_id')
                ->join('stock_places', 'stock_places.id', '=', 'stocks.stock_place_id')
                ->join('crews', 'crews.vehicle_id', '=', 'stock_places.vehicle_id')
                ->where('crews.id', $visit->crew_id)
                ->where('stocks.count', '>', 0)
                ->orderBy('parts.name')
                ->get(['stocks.id', 'stocks.count', 'parts.name as part_name'])
                ->map(fn (Stock $s): array => [
                    'id' => $s->id,
                    'name' => (string) $s->getAttribute('part_name'),
                    'count' => $s->count,
                ])
                ->all(),
        );
    }

    public function take(string $uuid, int $shelf, float $count, Visit $visit, ?int $systemId, User $user): ?string
    {
        $stock = Stock::query()->whereKey($shelf)->lockForUpdate()->with('part')->first();
        if ($stock === null) {
            return 'The books know no such shelf: count the van.';
        }
        $name = $stock->part->name ?? 'it';
        $there = min($count, $stock->count);
        $isKnown = StockMove::query()->where('uuid', $uuid)->exists();
        if ($there > 0 && ! $isKnown) {
            $this->move->useUp(
                uuid: $uuid,
                from: $stock,
                kind: StockMove::USED,
                count: $there,
                user: $user,
                systemId: $systemId,
                visitId: $visit->id,
            );
        }

        return $there < $count && ! $isKnown ? "By the books only {$there} of {$name} lay in the van: count it." : null;
    }
}
