<?php

declare(strict_types=1);

namespace App\Stores;

use App\Risk\RiskRate;
use App\Risk\WithinReach;
use App\Systems\Item;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Rate\Assumed;
use Velbrin\Core\Risk\Rate\Rates;
use Velbrin\Core\Risk\Rate\Renewal;
use Velbrin\Core\Risk\SpareStock;

/** What lies where, how much of it must, and what is good: the reader between stores and the core's question of spares (R-40). */
final class Shelves implements WithinReach
{
    /** A spare is there when one fails, so often. */
    public const LEVEL = 0.95;

    public function bringsAir(): ?bool
    {
        $ready = Stock::query()
            ->good()
            ->join('parts', 'parts.id', '=', 'stocks.part_id')
            ->join('stock_places', 'stock_places.id', '=', 'stocks.stock_place_id')
            ->whereNull('parts.archived_at')
            ->whereIn('parts.ready_for', [ReadyFor::Air->value, ReadyFor::Power->value])
            ->where('stock_places.kind', '!=', StockPlace::SITE);
        $parts = Part::query()
            ->current()
            ->selectSub($ready->selectRaw('count(*)'), 'ready')
            ->first();

        return $parts === null ? null : (int) $parts->getAttribute('ready') > 0;
    }

    public function devicesFor(int $siteId): array
    {
        return array_values(
            $this->good()
                ->filter(fn (Stock $s): bool => $s->place?->kind !== StockPlace::SITE || $s->place->site_id === $siteId)
                ->map(fn (Stock $s): ?Job => $s->part?->job)
                ->filter()
                ->unique(fn (Job $j): string => $j->value)
                ->all(),
        );
    }

    /** @return Collection<int, Stock> that can stand in now, with part and place */
    public function good(): Collection
    {
        return Stock::query()
            ->good()
            ->whereHas('part', fn ($p) => $p->current())
            ->with(['part', 'place.depot'])
            ->get()
            ->toBase();
    }

    /**
     * How many of a part must lie there so that one is there when one fails; null: it is no device, or nobody counts it.
     *
     * @return array{stock: int, level: float, demand: float, fleet: int}|null
     */
    public function least(Part $part, Rates $rates, ?int $fleet = null): ?array
    {
        $scale = $part->job === null ? null : $rates->scaleYears($part->job);
        if ($part->job === null || $scale === null) {
            return null;
        }
        $fleet ??= $this->fleet()[$part->job->value] ?? 0;
        $months = $part->job->lifeMonths();
        $lead = $part->lead_days ?? $part->supplier->lead_days ?? Part::USUAL_LEAD_DAYS;
        try {
            $yearly = Renewal::yearly($scale, $rates->of(Assumed::Shape), $months === null ? null : $months / 12);
            $stock = SpareStock::of($fleet, $yearly, $lead, self::LEVEL);
        } catch (OutOfRange) {
            return null;
        }

        return [
            'stock' => $fleet === 0 ? 0 : $stock->stock,
            'level' => $stock->serviceLevel,
            'demand' => $stock->expectedDemand,
            'fleet' => $fleet,
        ];
    }

    /** @return array<string, int> devices that stand in the fleet, by job */
    public function fleet(): array
    {
        $counts = [];
        $rows = Item::query()
            ->whereNull('retired_at')
            ->whereHas('system', fn ($s) => $s->current())
            ->groupBy('job')
            ->get(['job', DB::raw('count(*) as n')]);
        foreach ($rows as $row) {
            $counts[$row->job->value] = (int) $row->getAttribute('n');
        }

        return $counts;
    }

    public static function rates(): Rates
    {
        return RiskRate::rates();
    }
}
