<?php

declare(strict_types=1);

namespace App\Stores;

use App\House\Days;
use App\Risk\RiskRate;
use App\Rounds\Vehicle;
use App\Water\Depot;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Risk\Hazard;

/** The station’s reader: parts with what lies where, what must, what is wanted; places; debts. */
final class StoreDesk
{
    public function __construct(private readonly Shelves $shelves)
    {
    }

    /** @return list<array<string, mixed>> what is wanted most urgently first: by the hours the fleet has without it (R-42) */
    public function parts(): array
    {
        $rates = RiskRate::rates();
        $fleet = $this->shelves->fleet();
        $hours = $this->hours();
        $views = [];
        foreach (Part::query()->current()->with(['stocks.place', 'supplier'])->orderBy('name')->get() as $part) {
            $least = $this->shelves->least($part, $rates, $part->job === null ? null : ($fleet[$part->job->value] ?? 0));
            $good = $part->stocks->filter(fn (Stock $s): bool => $s->isGood())->sum(fn (Stock $s): float => $s->count);
            $views[] = [
                'id' => $part->id,
                'name' => $part->name,
                'job' => $part->job?->value,
                'readyFor' => $part->ready_for?->value,
                'for' => $part->job?->label() ?? $part->ready_for?->label(),
                'unit' => $part->unit,
                'capacity' => $part->capacity,
                'volts' => $part->volts,
                'connection' => $part->connection,
                'control' => $part->control,
                'supplierId' => $part->supplier_id,
                'supplier' => $part->supplier?->name,
                'leadDays' => $part->lead_days,
                'priceMinor' => $part->price_minor,
                'pack' => $part->pack,
                'good' => (float) $good,
                'least' => $least,
                'short' => $least === null ? 0 : max(0.0, $least['stock'] - $good),
                'hours' => $part->job === null ? null : ($hours[$part->job->value] ?? null),
                'stocks' => array_values(
                    $part->stocks->filter(fn (Stock $s): bool => $s->count > 0)
                        ->map(fn (Stock $s): array => [
                            'id' => $s->id,
                            'place' => $s->place?->name,
                            'placeKind' => $s->place?->kind,
                            'state' => $s->state->label(),
                            'count' => $s->count,
                            'lot' => $s->lot,
                            'expiresOn' => $s->expires_on?->toDateString(),
                            'testedOn' => $s->tested_on?->toDateString(),
                            'testedOk' => $s->tested_ok,
                            'needsTest' => $s->state->needsTest(),
                            'good' => $s->isGood(),
                        ])
                        ->all(),
                ),
            ];
        }
        usort($views, fn (array $a, array $b): int => [$a['short'] > 0 ? 0 : 1, $a['hours'] ?? INF, $a['name']]
            <=> [$b['short'] > 0 ? 0 : 1, $b['hours'] ?? INF, $b['name']]);

        return $views;
    }

    /** @return list<array{key: string, name: string, kind: string}> */
    public function places(): array
    {
        $depots = Depot::query()->current()->orderBy('name')->get()
            ->map(fn (Depot $d): array => ['key' => "depot-{$d->id}", 'name' => $d->name, 'kind' => 'depot'])->all();
        $vans = Vehicle::query()->orderBy('name')->get()
            ->map(fn (Vehicle $v): array => ['key' => "van-{$v->id}", 'name' => $v->name, 'kind' => 'van'])->all();
        $sites = StockPlace::query()->where('kind', StockPlace::SITE)->with('site')->orderBy('name')->get()
            ->map(
                fn (StockPlace $p): array => ['key' => "site-{$p->site_id}", 'name' => $p->site->name ?? $p->name, 'kind' => 'site'],
            )->all();

        return [...array_values($depots), ...array_values($vans), ...array_values($sites)];
    }

    /** @return list<array<string, mixed>> open debts, the overdue first */
    public function loans(): array
    {
        return array_values(
            Loan::query()->open()->with(['item', 'from', 'to'])->orderBy('due_on')->get()
                ->map(fn (Loan $l): array => [
                    'id' => $l->id,
                    'item' => $l->item?->name,
                    'from' => $l->from?->name,
                    'fromId' => $l->from_system_id,
                    'to' => $l->to?->name,
                    'toId' => $l->to_system_id,
                    'since' => $l->since->toDateString(),
                    'dueOn' => $l->due_on->toDateString(),
                    'late' => $l->due_on->toDateString() < Days::text(),
                    'exposes' => $l->exposes,
                    'signedBy' => $l->signed_by,
                ])
                ->all(),
        );
    }

    /** @return list<array<string, mixed>> */
    public function lastMoves(): array
    {
        return array_values(
            StockMove::query()->with('part')->latest('id')->limit(12)->get()
                ->map(fn (StockMove $m): array => [
                    'id' => $m->id,
                    'part' => $m->part?->name,
                    'kind' => $m->kind,
                    'count' => $m->count,
                    'why' => $m->why,
                    'at' => $m->created_at?->toIso8601ZuluString(),
                ])
                ->all(),
        );
    }

    /** @return list<list<string|float|int|null>> what is wanted, rounded up to packs */
    public function reorder(): array
    {
        $rows = [];
        foreach ($this->parts() as $part) {
            if ($part['short'] <= 0) {
                continue;
            }
            $pack = is_int($part['pack']) ? $part['pack'] : 1;
            $least = is_array($part['least']) ? $part['least'] : null;
            $rows[] = [
                (string) $part['name'],
                is_string($part['supplier']) ? $part['supplier'] : null,
                (float) $part['good'],
                $least === null ? null : (int) $least['stock'],
                (int) ceil($part['short'] / $pack) * $pack,
                $pack,
                (string) $part['unit'],
                $least === null ? '' : sprintf('%d stand in the fleet', (int) $least['fleet']),
            ];
        }

        return $rows;
    }

    /** @return array<string, float> the fewest hours to harm anywhere in the fleet when such a device is gone, by job */
    private function hours(): array
    {
        $of = [
            Hazard::HeaterStuckOff->value => Job::Heater,
            Hazard::TooCold->value => Job::Heater,
            Hazard::ReturnDead->value => Job::ReturnPump,
            Hazard::PowerCut->value => Job::Battery,
            Hazard::TopOffOff->value => Job::TopOff,
            Hazard::ControllerDead->value => Job::Controller,
            Hazard::LampDead->value => Job::Light,
            Hazard::RoomClimate->value => Job::Fan,
        ];
        $hours = [];
        $rows = DB::table('exposures')->whereIn('hazard', array_keys($of))->whereNotNull('harm_h')
            ->groupBy('hazard')->get(['hazard', DB::raw('min(harm_h) as h')]);
        foreach ($rows as $row) {
            $job = ($of[(string) $row->hazard] ?? null)?->value;
            if ($job !== null) {
                $hours[$job] = min($hours[$job] ?? INF, (float) $row->h);
            }
        }

        return $hours;
    }
}
