<?php

declare(strict_types=1);

namespace App\Stores;

use App\Build\Supplier;
use App\House\Days;
use App\Risk\InReach;
use App\Risk\RiskRate;
use App\Risk\StaleRisk;
use App\Risk\WithinReach;
use App\Systems\Item;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Rate\Assumed;
use Velbrin\Core\Risk\Rate\Rates;
use Velbrin\Core\Risk\Rate\Renewal;
use Velbrin\Core\Risk\SpareStock;
use Velbrin\Core\Rounds\Spot;

/** What lies where, how much of it must, and what is good: the reader between stores and the core's question of spares (R-40). */
final class Shelves implements WithinReach
{
    /** @var array<int, int>|null days by supplier, read once */
    private ?array $took = null;

    /** What lies where decides how soon somebody can put a part in. */
    public static function watch(): void
    {
        foreach ([Stock::class, Part::class] as $class) {
            $class::saved(fn () => StaleRisk::all());
        }
    }

    public function now(): InReach
    {
        $ready = Stock::query()->good()->select(['stocks.part_id', 'stocks.stock_place_id']);
        // One question: parts without any stock, too, since what nobody has is ordered.
        $rows = Part::query()
            ->current()
            ->leftJoinSub(Supplier::took(), 'suppliers', 'suppliers.supplier_id', '=', 'parts.supplier_id')
            ->leftJoinSub($ready, 'ready', 'ready.part_id', '=', 'parts.id')
            ->leftJoin('stock_places', 'stock_places.id', '=', 'ready.stock_place_id')
            ->leftJoinSub(self::crews(), 'crews', 'crews.vehicle_id', '=', 'stock_places.vehicle_id')
            // A van stands at its crew’s depot while nobody of that crew drives it.
            ->leftJoin('depots', 'depots.id', '=', DB::raw('coalesce(stock_places.depot_id, crews.depot_id)'))
            ->toBase()
            ->get([
                'parts.job',
                'parts.ready_for',
                DB::raw('coalesce(parts.lead_days, suppliers.took) as lead'),
                'stock_places.kind',
                'stock_places.site_id',
                'crews.riders',
                'depots.lat',
                'depots.lon',
            ]);
        $lies = $leads = [];
        foreach ($rows as $row) {
            $job = Job::tryFrom((string) $row->job);
            if ($job === null) {
                continue;
            }
            $lead = $row->lead === null ? Part::USUAL_LEAD_DAYS : (int) $row->lead;
            $leads[$job->value] = min($lead, $leads[$job->value] ?? $lead);
            if ($row->kind !== null) {
                $lies[] = [
                    'job' => $job,
                    'siteId' => $row->site_id === null ? null : (int) $row->site_id,
                    'spot' => $row->lat === null || $row->lon === null ? null : new Spot((float) $row->lat, (float) $row->lon),
                    'riders' => array_map(intval(...), array_values(array_filter(explode(',', (string) $row->riders)))),
                ];
            }
        }
        $air = [ReadyFor::Air->value, ReadyFor::Power->value];
        $brings = $rows->contains(
            fn (object $r): bool => in_array($r->ready_for, $air, true) && $r->kind !== null && $r->kind !== StockPlace::SITE,
        );

        return new InReach($rows->isEmpty() ? null : $brings, $leads, $lies, Part::USUAL_LEAD_DAYS);
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

    /** Who drives which vehicle today: vehicle_id, depot_id, riders. */
    private static function crews(): Builder
    {
        return DB::table('crews')
            ->leftJoin('crew_user', 'crew_user.crew_id', '=', 'crews.id')
            ->where('crews.from_on', '<=', Days::text())
            ->where(fn (Builder $q) => $q->whereNull('crews.until_on')->orWhere('crews.until_on', '>=', Days::text()))
            ->groupBy('crews.vehicle_id')
            ->select('crews.vehicle_id')
            ->selectRaw('min(crews.depot_id) as depot_id, group_concat(crew_user.user_id) as riders');
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
        $lead = $this->leadDays($part);
        try {
            $yearly = Renewal::yearly($scale, $rates->of(Assumed::Shape), $months === null ? null : $months / 12);
            $stock = SpareStock::of($fleet, $yearly, $lead);
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

    /** As somebody said, else as its supplier really took, else the usual. */
    public function leadDays(Part $part): int
    {
        if ($part->lead_days !== null) {
            return $part->lead_days;
        }
        $this->took ??= array_map(intval(...), Supplier::took()->toBase()->pluck('took', 'supplier_id')->all());

        return $this->took[$part->supplier_id ?? 0] ?? Part::USUAL_LEAD_DAYS;
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
