<?php

declare(strict_types=1);

namespace App\Risk;

use App\House\Money;
use App\Systems\System;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Measures\AcrossFleet;
use Velbrin\Core\Risk\Measures\Chosen;
use Velbrin\Core\Risk\Measures\MeasureKind;

/** What more money buys on each system, kept at night; and one budget spread over all of them, or over one client's (R-31). */
final class MeasureCurves
{
    /**
     * Those whose year or whose prices moved since their curve was drawn.
     *
     * @return list<int>
     */
    public static function due(): array
    {
        $stale = DB::table('risk_sums')
            ->join('systems', 'systems.id', '=', 'risk_sums.system_id')
            ->leftJoin('measure_curves', 'measure_curves.system_id', '=', 'risk_sums.system_id')
            ->whereNull('systems.archived_at')
            ->whereNull('risk_sums.needs')
            ->where(fn ($q) => $q
                ->whereNull('measure_curves.key')
                ->orWhere('measure_curves.key', '<>', self::key())
                ->orWhereColumn('measure_curves.computed_at', '<', 'risk_sums.computed_at'))
            ->orderBy('risk_sums.system_id')
            ->pluck('risk_sums.system_id');

        return array_values($stale->map(fn (mixed $id): int => is_numeric($id) ? (int) $id : 0)->all());
    }

    /** @param  Collection<int, System>  $systems  loaded with {@see StandingReader::loads()} */
    public static function keep(Collection $systems): void
    {
        if ($systems->isEmpty()) {
            return;
        }
        $reader = StandingReader::around($systems);
        $at = CarbonImmutable::now();
        $rows = [];
        foreach ($systems as $system) {
            $known = $reader->read($system);
            try {
                $desk = $known instanceof Known ? new MeasureDesk($known) : null;
                $curve = $desk?->curve() ?? [];
            } catch (OutOfRange) {
                continue;
            }
            $rows[] = [
                'system_id' => $system->id,
                'key' => self::key(),
                'in_money' => $desk?->isMoney() ?? false,
                'curve' => json_encode(
                    array_map(fn (Chosen $c): array => ['ids' => $c->ids, 'cost' => $c->costMinor, 'yearly' => $c->yearly], $curve),
                    JSON_THROW_ON_ERROR,
                ),
                'computed_at' => $at,
            ];
        }
        DB::table('measure_curves')->upsert($rows, ['system_id']);
    }

    /**
     * @return array{
     *     cost: string, saved: string, gap: string|null, systems: int, waiting: int,
     *     lines: list<array{id: int, name: string, where: string, cost: string, saves: string, weight: float, measures: list<string>}>
     * }
     */
    public static function across(int $budgetMinor, ?int $clientId = null): array
    {
        [$curves, $systems] = self::read($clientId);
        $found = AcrossFleet::of($curves, $budgetMinor);
        $lines = [];
        foreach ($found->points as $id => $point) {
            $curve = $curves[$id];
            $saves = $curve[0]->yearly - $curve[$point]->yearly;
            $lines[] = [
                'id' => (int) substr($id, 1),
                'name' => $systems[$id]['name'],
                'where' => $systems[$id]['where'],
                'cost' => Money::shown($curve[$point]->costMinor),
                'saves' => Money::about($saves),
                'weight' => $saves,
                'measures' => array_map(
                    fn (string $kind): string => MeasureKind::tryFrom($kind)?->label() ?? $kind,
                    $curve[$point]->ids,
                ),
            ];
        }
        usort($lines, fn (array $a, array $b): int => $b['weight'] <=> $a['weight']);

        return [
            'cost' => Money::shown($found->costMinor),
            'saved' => Money::about($found->saved),
            'gap' => $found->gap > 0.5 ? Money::about($found->gap) : null,
            'systems' => count($curves),
            'waiting' => count(self::due()),
            'lines' => $lines,
        ];
    }

    /**
     * Only systems whose losses are counted in money.
     *
     * @return array{0: array<string, list<Chosen>>, 1: array<string, array{name: string, where: string}>}
     */
    private static function read(?int $clientId): array
    {
        $rows = DB::table('measure_curves')
            ->join('systems', 'systems.id', '=', 'measure_curves.system_id')
            ->join('sites', 'sites.id', '=', 'systems.site_id')
            ->join('clients', 'clients.id', '=', 'sites.client_id')
            ->whereNull('systems.archived_at')
            ->where('measure_curves.in_money', true)
            ->when($clientId !== null, fn ($q) => $q->where('clients.id', $clientId))
            ->get(['systems.id', 'systems.name', DB::raw("concat(clients.name, ', ', sites.name) as place"), 'measure_curves.curve']);
        $curves = $systems = [];
        foreach ($rows as $row) {
            $points = json_decode((string) $row->curve, true);
            $curve = [];
            foreach (is_array($points) ? $points : [] as $p) {
                if (is_array($p) && is_array($p['ids'] ?? null) && is_numeric($p['cost'] ?? null) && is_numeric($p['yearly'] ?? null)) {
                    $ids = array_values(array_filter($p['ids'], is_string(...)));
                    $curve[] = new Chosen($ids, (int) $p['cost'], (float) $p['yearly'], 0.0);
                }
            }
            if ($curve !== []) {
                // A name that is no number: an array would make an index of it.
                $curves["s{$row->id}"] = $curve;
                $systems["s{$row->id}"] = ['name' => (string) $row->name, 'where' => (string) $row->place];
            }
        }

        return [$curves, $systems];
    }

    /** What a curve rests on beside the year of its system: the prices of the measures. */
    private static function key(): string
    {
        return hash('sha256', json_encode(MeasurePrice::list(), JSON_THROW_ON_ERROR));
    }
}
