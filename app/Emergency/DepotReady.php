<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Stores\Stock;
use App\Stores\StockPlace;
use App\Systems\System;
use App\Water\Depot;
use App\Water\WaterBatch;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Emergency\DepotNeed;
use Velbrin\Core\Emergency\Needs;
use Velbrin\Core\Rounds\Spot;

/**
 * What each depot holds for the systems nearest to it, against what the largest of them asks for (E-1).
 *
 * @phpstan-type NeedRow array{code: string, label: string, unit: string, largest: float, largestOf: string, largestId: int,
 *     together: float, asking: int, served: int, has: float, amounts: list<float>, soon: string|null, enough: bool}
 * @phpstan-type DepotRow array{name: string, systems: int, unread: int, needs: list<NeedRow>}
 * @phpstan-type Served array{id: int, name: string, spot: Spot|null, ready: array<string, float>|null}
 */
final class DepotReady
{
    /** @return list<DepotRow> */
    public function all(): array
    {
        $depots = Depot::query()
            ->current()
            ->with(['batches' => fn ($b) => $b->whereNull('spent_at')->where('left_l', '>', 0)->with('mix')])
            ->orderBy('name')
            ->get()
            ->toBase();
        if ($depots->isEmpty()) {
            return [];
        }
        $systems = self::systems();
        $byDepot = $systems->groupBy(fn (array $s): int => self::nearest($s['spot'], $depots)->id);
        $stocks = Stock::query()
            ->where('count', '>', 0)
            ->whereHas('place', fn ($p) => $p->where('kind', StockPlace::DEPOT))
            ->with(['part', 'place'])
            ->get()
            ->toBase();

        return array_values(
            $depots->map(fn (Depot $d): array => $this->depot(
                $d,
                $byDepot->get($d->id) ?? new Collection(),
                $stocks->filter(fn (Stock $s): bool => $s->place?->depot_id === $d->id),
            ))->all(),
        );
    }

    /**
     * @param  Collection<int, Served>  $systems
     * @param  Collection<int, Stock>  $stocks
     * @return DepotRow
     */
    private function depot(Depot $depot, Collection $systems, Collection $stocks): array
    {
        $asked = $names = [];
        foreach ($systems as $system) {
            $names[$system['id']] = $system['name'];
            if ($system['ready'] !== null) {
                $asked[$system['id']] = $system['ready'];
            }
        }
        $good = $stocks->filter(fn (Stock $s): bool => $s->isGood());
        $has = [];
        foreach (Needs::CODES as $code => $said) {
            $has[$code] = $good
                ->filter(fn (Stock $s): bool => ReadyDesk::isFor($s, $code))
                ->sum(fn (Stock $s): float => $said['unit'] === 'W' ? $s->count * ($s->part->capacity ?? 0.0) : $s->count);
        }
        $ready = $depot->batches->filter(function (WaterBatch $b) use ($depot): bool {
            $b->setRelation('depot', $depot);

            return $b->isReady();
        });
        $has['water'] += (float) $ready->sum('left_l');

        return [
            'name' => $depot->name,
            'systems' => $systems->count(),
            'unread' => $systems->count() - count($asked),
            'needs' => array_map(
                fn (DepotNeed $n): array => self::row($n, $names, $good),
                DepotNeed::all($asked, $has),
            ),
        ];
    }

    /**
     * @param  array<int, string>  $names
     * @param  Collection<int, Stock>  $good
     * @return NeedRow
     */
    private static function row(DepotNeed $need, array $names, Collection $good): array
    {
        $ends = $good->filter(fn (Stock $s): bool => ReadyDesk::isFor($s, $need->code) && $s->expires_on !== null)->min('expires_on');

        return [
            'code' => $need->code,
            'label' => Needs::CODES[$need->code]['label'],
            'unit' => Needs::CODES[$need->code]['unit'],
            'largest' => $need->largest,
            'largestOf' => $names[$need->largestOf] ?? '',
            'largestId' => $need->largestOf,
            'together' => $need->together,
            'asking' => $need->asking,
            'served' => $need->served,
            'has' => $need->has,
            'amounts' => $need->amounts,
            'soon' => $ends?->toDateString(),
            'enough' => $need->isEnough(),
        ];
    }

    /** @return Collection<int, Served> with what the last run says must stand ready; null: it could not be told */
    private static function systems(): Collection
    {
        $ready = DB::table('risk_sums')->pluck('ready', 'system_id');

        return System::query()
            ->current()
            ->with('site:id,lat,lon')
            ->get(['id', 'name', 'site_id'])
            ->toBase()
            ->map(fn (System $s): array => [
                'id' => $s->id,
                'name' => $s->name,
                'spot' => $s->site?->lat === null || $s->site->lon === null ? null : new Spot($s->site->lat, $s->site->lon),
                'ready' => self::amounts($ready->get($s->id)),
            ]);
    }

    /** @return array<string, float>|null */
    private static function amounts(mixed $kept): ?array
    {
        $amounts = is_string($kept) ? json_decode($kept, true) : null;
        if (! is_array($amounts)) {
            return null;
        }
        $read = [];
        foreach ($amounts as $code => $amount) {
            $read[(string) $code] = is_numeric($amount) ? (float) $amount : 0.0;
        }

        return $read;
    }

    /**
     * By road; of a place nobody has put on the map, the first depot.
     *
     * @param  Collection<int, Depot>  $depots
     */
    private static function nearest(?Spot $spot, Collection $depots): Depot
    {
        $first = $depots->firstOrFail();

        return $spot === null
            ? $first
            : $depots->sortBy(fn (Depot $d): float => $d->spot()->minutesTo($spot))->first() ?? $first;
    }
}
