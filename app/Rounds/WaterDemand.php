<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Systems\System;
use App\Water\Demand;
use App\Water\Departure;
use App\Water\Depot;
use App\Water\Reach;
use App\Water\SaltMix;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use stdClass;
use Velbrin\Core\Chemistry\Regime;
use Velbrin\Core\Emergency\Needs;
use Velbrin\Core\Seawater\Seawater;
use Velbrin\Core\Water\Reserve;

/** What planned visits take along, by mix and salinity. */
final class WaterDemand implements Demand
{
    public function departures(Depot $depot, CarbonImmutable $from, CarbonImmutable $until): array
    {
        $usual = SaltMix::query()->current()->orderBy('id')->value('id');
        $visits = self::visits($depot, $from, $until);
        $changes = self::changes($visits->where('salt_l', '>', 0)->pluck('id')->all());
        $departures = [];
        foreach ($visits as $visit) {
            $at = Days::moment((string) $visit->planned_on, (int) $visit->starts_min);
            if ($at->lessThan($from) || $at->greaterThan($until)) {
                continue;
            }
            $by = [];
            foreach ($changes[$visit->id] ?? [] as $row) {
                $salinity = is_numeric($row->salinity) ? round((float) $row->salinity, 1) : Seawater::USUAL_SALINITY;
                $mix = $row->salt_mix_id ?? $usual;
                $key = $mix.'@'.$salinity;
                $by[$key] = [
                    ($by[$key][0] ?? 0.0) + (float) $row->litres,
                    is_numeric($mix) ? (int) $mix : null,
                    $salinity,
                ];
            }
            $where = "{$visit->site}, {$visit->crew}";
            foreach ($by as [$litres, $mix, $salinity]) {
                $departures[] = new Departure((int) $visit->id, $where, $at, $litres, $mix, $salinity);
            }
            if ($visit->ro_l > 0) {
                $departures[] = new Departure((int) $visit->id, "{$where}, RO", $at, (float) $visit->ro_l, null, 0.0);
            }
        }

        return $departures;
    }

    /**
     * Visits that take water along, as rows: a day of a large company is many.
     *
     * @return Collection<int, stdClass>
     */
    private static function visits(Depot $depot, CarbonImmutable $from, CarbonImmutable $until): Collection
    {
        return Visit::query()
            ->join('crews', 'crews.id', '=', 'visits.crew_id')
            ->join('sites', 'sites.id', '=', 'visits.site_id')
            ->where('visits.state', Visit::PLANNED)
            ->where('crews.depot_id', $depot->id)
            ->whereBetween('visits.planned_on', [
                $from->setTimezone(Days::zone())->toDateString(),
                $until->setTimezone(Days::zone())->toDateString(),
            ])
            ->where(fn ($q) => $q->where('visits.salt_l', '>', 0)->orWhere('visits.ro_l', '>', 0))
            ->orderBy('visits.planned_on')
            ->orderBy('visits.crew_id')
            ->orderBy('visits.position')
            ->select(
                'visits.id',
                'visits.planned_on',
                'visits.salt_l',
                'visits.ro_l',
                'crews.starts_min',
                'crews.name as crew',
                'sites.name as site',
            )
            ->toBase()
            ->get();
    }

    /**
     * @param  array<array-key, mixed>  $visitIds
     * @return Collection<array-key, Collection<int, stdClass>> changes with litres, mix and salinity, by visit
     */
    private static function changes(array $visitIds): Collection
    {
        return VisitTask::query()
            ->join('task_types', 'task_types.id', '=', 'visit_tasks.task_type_id')
            ->join('systems', 'systems.id', '=', 'visit_tasks.system_id')
            ->where('task_types.key', 'change')
            ->whereNotNull('visit_tasks.litres')
            ->whereIntegerInRaw('visit_tasks.visit_id', $visitIds)
            ->orderBy('visit_tasks.id')
            ->select('visit_tasks.visit_id', 'visit_tasks.litres', 'systems.salt_mix_id')
            ->selectRaw("JSON_VALUE(systems.facts, '$.salinity') as salinity")
            ->toBase()
            ->get()
            ->groupBy('visit_id');
    }

    public function reach(): Reach
    {
        $shares = System::query()
            ->current()
            ->whereNotNull('emergency_share_pct')
            ->get(['id', 'measured_volume_l', 'true_volume_l', 'emergency_share_pct'])
            ->map(fn (System $s): float => Reserve::shareL($s->volumeL() ?? 0.0, (float) $s->emergency_share_pct))
            ->all();

        $largest = System::query()
            ->current()
            ->selectRaw('max(coalesce(measured_volume_l, true_volume_l, 0)) as litres')
            ->selectRaw('max(fish_kg) as fish_kg')
            ->selectRaw(
                'max(case when regime = ? then coalesce(measured_volume_l, true_volume_l, 0) end) as quarantine',
                [Regime::Quarantine->value],
            )
            ->toBase()
            ->first();
        $of = fn (mixed $v): float => is_numeric($v) ? (float) $v : 0.0;
        $fishKg = $of($largest?->fish_kg);

        return new Reach(
            largestSystemL: $of($largest?->litres),
            emergencySharesL: array_values($shares),
            boxesL: $fishKg > 0 ? Needs::boxesL($fishKg) : 0.0,
            quarantineFillL: $of($largest?->quarantine),
        );
    }
}
