<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Systems\System;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Rounds\VisitTime;
use Velbrin\Core\Water\Hose;

/** Turns what comes due into visits: one access for all of a place's systems, and what may be done rides along (S-10). */
final class VisitMaker
{
    /** Of the system, where a change names no litres of its own. */
    private const USUAL_CHANGE = 0.1;

    /** Tools, hoses, buckets: in every load, kg. */
    private const TOOLS_KG = 15.0;

    /** Makes or widens the open visits of every place with something due by that day. Returns how many are new. */
    public static function until(CarbonImmutable $day): int
    {
        $sites = Task::query()->whereNull('ended_at')->where('due_on', '<=', $day->toDateString())
            ->where(fn ($q) => $q->whereNull('suspended_until')->orWhere('suspended_until', '<=', now()->toDateString()))
            ->join('systems', 'systems.id', '=', 'tasks.system_id')->whereNull('systems.archived_at')->distinct()->pluck('systems.site_id');
        $made = 0;
        foreach ($sites->chunk(100) as $chunk) {
            $systems = System::query()->current()->whereIn('site_id', $chunk)->with('site')->get()->toBase()->groupBy('site_id');
            $tasks = Task::query()->whereNull('ended_at')->whereNotNull('due_on')->whereIn('system_id', $systems->flatten()->pluck('id'))->with('type')->get()->toBase()->groupBy('system_id');
            $coming = Visit::query()->whereIn('site_id', $chunk)->whereIn('state', [Visit::OPEN, Visit::PLANNED, Visit::UNDERWAY])->pluck('site_id')->all();
            $lasting = self::lasting(array_values($chunk->map(fn (mixed $id): int => is_numeric($id) ? (int) $id : 0)->all()));
            DB::transaction(function () use ($chunk, $systems, $tasks, $coming, $lasting, $day, &$made): void {
                foreach ($chunk as $siteId) {
                    if (is_numeric($siteId) && ! in_array((int) $siteId, $coming, true)) {
                        $made += self::make((int) $siteId, $systems[$siteId] ?? collect(), $tasks, $lasting[(int) $siteId] ?? [], $day) ? 1 : 0;
                    }
                }
            });
        }

        return $made;
    }

    /**
     * @param  Collection<int, System>  $systems
     * @param  Collection<int|string, Collection<int, Task>>  $tasks  by system
     * @param  list<float>  $lasting
     */
    private static function make(int $siteId, Collection $systems, Collection $tasks, array $lasting, CarbonImmutable $day): bool
    {
        $all = $systems->flatMap(fn (System $s): Collection => $tasks[$s->id] ?? collect())->reject(fn (Task $t): bool => $t->isSuspended());
        $due = $all->filter(fn (Task $t): bool => $t->due_on !== null && $t->due_on->toDateString() <= $day->toDateString());
        if ($due->isEmpty()) {
            return false;
        }
        $dueOn = $due->map(fn (Task $t): string => (string) $t->due_on?->toDateString())->min();
        $along = $all->filter(fn (Task $t): bool => $t->earliest_on !== null && $t->earliest_on->toDateString() <= max($dueOn, Days::today()->toDateString()));
        $chosen = $due->concat($along)->unique('id')->values();
        $byId = $systems->keyBy('id');
        $salt = $moved = 0.0;
        $rows = [];
        foreach ($chosen as $task) {
            $type = $task->type;
            $system = $byId[$task->system_id] ?? null;
            if ($type === null || $system === null) {
                continue;
            }
            $litres = $type->key === 'change' ? round($task->litres ?? self::USUAL_CHANGE * ($system->volumeL() ?? 0.0)) : null;
            $salt += $system->site?->makes_water === true ? 0.0 : ($litres ?? 0.0);
            $moved += 60 * ($litres ?? 0.0) / ($system->hose_flow_lh ?? Hose::USUAL_LH);
            $rows[] = ['system_id' => $system->id, 'task_id' => $task->id, 'task_type_id' => $type->id, 'turn' => $type->turns[$task->turn] ?? null, 'minutes' => $type->minutes, 'litres' => $litres, 'reason' => $litres === null ? null : 'routine', 'steps' => []];
        }
        $persons = max([1, ...$chosen->map(fn (Task $t): int => $t->type->persons ?? 1)->all()]);
        $latest = $due->map(fn (Task $t): string => (string) $t->latest_on?->toDateString())->min();
        $visit = Visit::query()->create([
            'site_id' => $siteId, 'minutes' => VisitTime::of([...array_column($rows, 'minutes'), $moved], lastActualMin: $lasting)->minutes,
            'earliest_on' => $due->map(fn (Task $t): string => (string) $t->earliest_on?->toDateString())->min(), 'due_on' => $dueOn,
            // What is overdue already is still to be done: within a fortnight.
            'latest_on' => max($latest, Days::today()->addDays(14)->toDateString()), 'persons' => $persons,
            'skills' => array_values(array_unique(array_filter($chosen->map(fn (Task $t): ?string => $t->type?->skill)->all()))),
            'salt_l' => $salt, 'kg' => self::TOOLS_KG, 'familiar_id' => $systems->first()?->keeper_id, 'isolated' => $systems->contains(fn (System $s): bool => $s->isolated_since !== null),
        ]);
        $visit->tasks()->createMany($rows);

        return true;
    }

    /**
     * What the last visits of each place took, newest first.
     *
     * @param  list<int>  $siteIds
     * @return array<int, list<float>>
     */
    private static function lasting(array $siteIds): array
    {
        $lasting = [];
        foreach (Visit::query()->whereIn('site_id', $siteIds)->where('state', Visit::CLOSED)->whereNotNull('actual_min')->where('closed_at', '>=', now()->subMonths(6))->latest('closed_at')->get(['site_id', 'actual_min']) as $visit) {
            $lasting[$visit->site_id][] = (float) $visit->actual_min;
        }

        return $lasting;
    }
}
