<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Systems\System;
use App\Water\Demand;
use App\Water\Departure;
use App\Water\Depot;
use App\Water\Reach;
use App\Water\SaltMix;
use Carbon\CarbonImmutable;

/** What planned visits take along, by mix and salinity. */
final class WaterDemand implements Demand
{
    private const USUAL_SALINITY = 35.0;

    public function departures(Depot $depot, CarbonImmutable $from, CarbonImmutable $until): array
    {
        $usual = SaltMix::query()->current()->orderBy('id')->value('id');
        $visits = Visit::query()->where('state', Visit::PLANNED)->whereBetween('planned_on', [$from->setTimezone(Days::zone())->toDateString(), $until->setTimezone(Days::zone())->toDateString()])
            ->whereHas('crew', fn ($c) => $c->where('depot_id', $depot->id))->where(fn ($q) => $q->where('salt_l', '>', 0)->orWhere('ro_l', '>', 0))->with(['crew', 'site', 'tasks.system', 'tasks.type'])->orderBy('planned_on')->orderBy('crew_id')->orderBy('position')->get();
        $departures = [];
        foreach ($visits as $visit) {
            $at = $visit->planned_on === null ? $until : Days::moment($visit->planned_on->toDateString(), $visit->crew->starts_min ?? 480);
            if ($at->lessThan($from) || $at->greaterThan($until)) {
                continue;
            }
            $by = [];
            foreach ($visit->salt_l > 0 ? $visit->tasks : [] as $task) {
                if ($task->type?->key === 'change' && $task->litres !== null && $task->system instanceof System) {
                    $salinity = $task->system->facts['salinity'] ?? self::USUAL_SALINITY;
                    $salinity = is_numeric($salinity) ? round((float) $salinity, 1) : self::USUAL_SALINITY;
                    $mix = $task->system->salt_mix_id ?? $usual;
                    $key = $mix.'@'.$salinity;
                    $by[$key] = [($by[$key][0] ?? 0.0) + $task->litres, is_numeric($mix) ? (int) $mix : null, $salinity];
                }
            }
            $where = "{$visit->site?->name}, {$visit->crew?->name}";
            foreach ($by as [$litres, $mix, $salinity]) {
                $departures[] = new Departure($visit->id, $where, $at, $litres, $mix, $salinity);
            }
            if ($visit->ro_l > 0) {
                $departures[] = new Departure($visit->id, "{$where}, RO", $at, $visit->ro_l, null, 0.0);
            }
        }

        return $departures;
    }

    public function reach(): Reach
    {
        $shares = System::query()->current()->whereNotNull('emergency_share_pct')->get()->map(fn (System $s): float => ($s->volumeL() ?? 0.0) * (float) $s->emergency_share_pct / 100)->all();

        return new Reach((float) System::query()->current()->max('true_volume_l'), array_values($shares));
    }
}
