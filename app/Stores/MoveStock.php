<?php

declare(strict_types=1);

namespace App\Stores;

use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Books what comes, goes, is used or thrown away: both sides in one transaction, each entry once (R-41, R-44). */
final class MoveStock
{
    /**
     * New on a shelf.
     *
     * @param  array{state?: string, lot?: string|null, expires_on?: string|null, tested_on?: string|null, tested_ok?: bool|null}  $how
     */
    public function bring(string $uuid, Part $part, StockPlace $place, float $count, array $how, User $user, ?string $why = null): Stock
    {
        return DB::transaction(function () use ($uuid, $part, $place, $count, $how, $user, $why): Stock {
            $before = StockMove::query()->where('uuid', $uuid)->first();
            if ($before !== null) {
                return Stock::query()->findOrFail($before->to_stock_id);
            }
            $stock = $this->shelf($part, $place, $how);
            $stock->increment('count', $count);
            StockMove::query()->create([
                'uuid' => $uuid,
                'part_id' => $part->id,
                'to_stock_id' => $stock->id,
                'kind' => StockMove::BOUGHT,
                'count' => $count,
                'why' => $why,
                'user_id' => $user->id,
            ]);

            return $stock->refresh();
        });
    }

    /** From one shelf to another, as it lies there. */
    public function move(string $uuid, Stock $from, StockPlace $to, float $count, User $user): void
    {
        DB::transaction(function () use ($uuid, $from, $to, $count, $user): void {
            if (StockMove::query()->where('uuid', $uuid)->exists()) {
                return;
            }
            $from = $this->take($from, $count);
            $shelf = $this->shelf($from->part()->firstOrFail(), $to, [
                'state' => $from->state->value,
                'lot' => $from->lot,
                'expires_on' => $from->expires_on?->toDateString(),
                'tested_on' => $from->tested_on?->toDateString(),
                'tested_ok' => $from->tested_ok,
            ]);
            $shelf->increment('count', $count);
            $this->book($uuid, $from, StockMove::MOVED, $count, $user, to: $shelf);
        });
    }

    /** Used at a system, or thrown away. */
    public function useUp(
        string $uuid,
        Stock $from,
        string $kind,
        float $count,
        User $user,
        ?int $systemId = null,
        ?int $visitId = null,
        ?string $why = null,
    ): void {
        DB::transaction(function () use ($uuid, $from, $kind, $count, $user, $systemId, $visitId, $why): void {
            if (StockMove::query()->where('uuid', $uuid)->exists()) {
                return;
            }
            $from = $this->take($from, $count);
            $this->book($uuid, $from, $kind, $count, $user, systemId: $systemId, visitId: $visitId, why: $why);
        });
        if ($kind === StockMove::USED) {
            PartUsed::dispatch($from->part()->firstOrFail(), $systemId, $user);
        }
    }

    private function take(Stock $stock, float $count): Stock
    {
        $locked = Stock::query()->lockForUpdate()->findOrFail($stock->id);
        if ($locked->count < $count) {
            throw ValidationException::withMessages([
                'count' => "Only {$locked->count} lie there. Count again, or take from another place.",
            ]);
        }
        $locked->decrement('count', $count);

        return $locked->refresh();
    }

    /** @param  array<string, mixed>  $how */
    private function shelf(Part $part, StockPlace $place, array $how): Stock
    {
        $as = [
            'part_id' => $part->id,
            'stock_place_id' => $place->id,
            'state' => $how['state'] ?? StockState::Fresh->value,
            'lot' => $how['lot'] ?? null,
            'expires_on' => $how['expires_on'] ?? null,
        ];
        $found = Stock::query()->where($as)->lockForUpdate()->first();
        $tested = array_filter(
            ['tested_on' => $how['tested_on'] ?? null, 'tested_ok' => $how['tested_ok'] ?? null],
            fn (mixed $v): bool => $v !== null,
        );
        if ($found !== null) {
            $found->update($tested);

            return $found;
        }

        return Stock::query()->create([...$as, ...$tested, 'count' => 0]);
    }

    private function book(
        string $uuid,
        Stock $from,
        string $kind,
        float $count,
        User $user,
        ?Stock $to = null,
        ?int $systemId = null,
        ?int $visitId = null,
        ?string $why = null,
    ): void {
        StockMove::query()->create([
            'uuid' => $uuid,
            'part_id' => $from->part_id,
            'from_stock_id' => $from->id,
            'to_stock_id' => $to?->id,
            'kind' => $kind,
            'count' => $count,
            'system_id' => $systemId,
            'visit_id' => $visitId,
            'why' => $why,
            'user_id' => $user->id,
        ]);
    }
}
