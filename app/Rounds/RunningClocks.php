<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Rounds\Views\RunningView;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What else runs while somebody works at a place: water that is mixing, what a job left behind, the crew’s way back (X-45). */
final class RunningClocks
{
    /** Water mixed for the crew’s depot that cannot be used yet, as one value. */
    public static function mixing(Visit $visit): Builder
    {
        return DB::table('water_batches')
            ->join('crews', 'crews.depot_id', '=', 'water_batches.depot_id')
            ->join('salt_mixes', 'salt_mixes.id', '=', 'water_batches.salt_mix_id')
            ->where('crews.id', $visit->crew_id ?? 0)
            ->whereNull('water_batches.spent_at')
            ->whereRaw('date_add(water_batches.mixed_at, interval round(60 * salt_mixes.usable_from_h) minute) > ?', [
                now(),
            ])
            ->selectRaw(
                "json_arrayagg(json_object('litres', water_batches.litres, 'until', date_add(water_batches.mixed_at, interval ".
                'round(60 * salt_mixes.usable_from_h) minute)))',
            );
    }

    /** What earlier jobs left behind in the systems of that place, as one value. */
    public static function disturbed(int $siteId): Builder
    {
        return DB::table('disturbances')
            ->join('systems', 'systems.id', '=', 'disturbances.system_id')
            ->where('systems.site_id', $siteId)
            ->whereNull('disturbances.ended_at')
            ->where('disturbances.from_at', '<=', now())
            ->where('disturbances.until_at', '>', now())
            ->selectRaw(
                "json_arrayagg(json_object('looks', disturbances.looks, 'because', disturbances.because, 'system', ".
                "systems.name, 'until', disturbances.until_at))",
            );
    }

    /** What cures or is watched there, and what an outlet was told to do for a while, as one value. */
    public static function holds(int $siteId): Builder
    {
        $curing = DB::table('follow_ups')
            ->join('systems', 'systems.id', '=', 'follow_ups.system_id')
            ->where('systems.site_id', $siteId)
            ->whereNull('follow_ups.done_at')
            ->where('follow_ups.earliest_at', '>', now())
            ->selectRaw("concat(systems.name, ', not before: ', follow_ups.text) as label, follow_ups.earliest_at as until");
        $told = DB::table('outlet_orders')
            ->join('outlets', 'outlets.id', '=', 'outlet_orders.outlet_id')
            ->where('outlets.site_id', $siteId)
            ->whereNull('outlet_orders.over_at')
            ->where('outlet_orders.until_at', '>', now())
            ->selectRaw(
                "concat(outlets.name, if(outlet_orders.level > 0, ' on', ' off'), ': ', outlet_orders.because) as label, ".
                'outlet_orders.until_at as until',
            );

        return DB::query()
            ->fromSub($curing->unionAll($told), 'holds')
            ->selectRaw("json_arrayagg(json_object('label', label, 'until', until))");
    }

    /**
     * @param  iterable<stdClass>  $mixing
     * @param  iterable<stdClass>  $disturbed
     * @param  iterable<stdClass>  $holds
     * @param  callable(float): string  $litres
     * @return list<RunningView> the one that ends first comes first
     */
    public static function of(Visit $visit, iterable $mixing, iterable $disturbed, iterable $holds, callable $litres): array
    {
        $clocks = [];
        foreach ($mixing as $batch) {
            $clocks[] = new RunningView(
                "{$litres((float) $batch->litres)} mixing at the depot",
                self::iso((string) $batch->until),
            );
        }
        foreach ($disturbed as $one) {
            $clocks[] = new RunningView(
                "{$one->system}: ".lcfirst((string) $one->looks)." ({$one->because})",
                self::iso((string) $one->until),
            );
        }
        foreach ($holds as $hold) {
            $clocks[] = new RunningView((string) $hold->label, self::iso((string) $hold->until));
        }
        $ends = $visit->crew?->ends_min;
        $day = $visit->planned_on?->toDateString();
        if ($ends !== null && $day === Days::today()->toDateString() && $visit->state !== Visit::CLOSED) {
            $clocks[] = new RunningView('Vehicle back', Days::moment($day, $ends)->toIso8601ZuluString());
        }
        usort($clocks, fn (RunningView $a, RunningView $b): int => $a->untilAt <=> $b->untilAt);

        return $clocks;
    }

    private static function iso(string $stored): string
    {
        return CarbonImmutable::parse($stored, 'UTC')->toIso8601ZuluString();
    }
}
