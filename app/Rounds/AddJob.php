<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Systems\System;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A job more on a visit that is planned, open or under way (S-52): something that is due, a kind of job, or free words. */
final class AddJob
{
    public const MOST_MIN = 480.0;

    /** Something due, taken from wherever it stands; null when it is no longer due. */
    public function due(Visit $visit, string $key): ?VisitTask
    {
        return DB::transaction(function () use ($visit, $key): ?VisitTask {
            DB::table('sites')->where('id', $visit->site_id)->lockForUpdate()->first();
            $thing = DueThings::at([$visit->site_id])->first(fn (DueThing $t): bool => $t->key() === $key);
            if ($thing === null) {
                return null;
            }
            // Each thing is on one visit: it leaves the one it was on.
            $elsewhere = VisitTask::query()
                ->where('state', 'open')
                ->where('visit_id', '<>', $visit->id)
                ->where(
                    fn ($q) => $thing->taskId === null
                        ? $q->where('follow_up_id', $thing->followUpId)
                        : $q->where('task_id', $thing->taskId),
                )
                ->whereHas('visit', fn ($v) => $v->whereIn('state', [Visit::OPEN, Visit::PLANNED]))
                ->get();
            $left = array_values($elsewhere->map(fn (VisitTask $t): int => $t->visit_id)->unique()->all());
            $elsewhere->each(fn (VisitTask $t) => $t->delete());
            $here = $visit
                ->tasks()
                ->where('state', 'open')
                ->get()
                ->first(fn (VisitTask $t): bool => $t->thingKey() === $key);
            $job = $here ?? $visit->tasks()->create($thing->row());
            self::settle($visit, $left);

            return $job;
        });
    }

    /** The place's next visit, one under way first; null: none is to come. */
    public function nextVisit(int $siteId): ?Visit
    {
        return Visit::query()
            ->where('site_id', $siteId)
            ->where(
                fn ($q) => $q
                    ->whereIn('state', [Visit::UNDERWAY, Visit::OPEN])
                    ->orWhere(
                        fn ($p) => $p
                            ->where('state', Visit::PLANNED)
                            ->where('planned_on', '>=', Days::text()),
                    ),
            )
            ->orderByRaw("state = 'underway' desc, coalesce(planned_on, due_on), id")
            ->first();
    }

    /** A job nobody planned: once, here, now. It has an owner and a day like every later. */
    public function once(
        Visit $visit,
        System $system,
        User $by,
        string $text,
        float $minutes,
        ?TaskType $type = null,
        ?string $uuid = null,
    ): VisitTask {
        return DB::transaction(function () use ($visit, $system, $by, $text, $minutes, $type, $uuid): VisitTask {
            $known = $uuid === null ? null : VisitTask::query()->where('client_uuid', $uuid)->first();
            if ($known !== null) {
                return $known;
            }
            $on = ($visit->planned_on ?? Days::today())->toDateString();
            $follow = FollowUp::query()->create([
                'system_id' => $system->id,
                'task_type_id' => $type?->id,
                'kind' => 'one-off',
                'text' => $text,
                'owner_id' => $by->id,
                'due_on' => $on,
                'on_site' => true,
                'minutes' => $minutes,
                'client_uuid' => $uuid ?? Str::uuid()->toString(),
            ]);
            $kind = $type ?? TaskStart::kind('errand');
            $job = $visit->tasks()->create([
                'system_id' => $system->id,
                'follow_up_id' => $follow->id,
                'task_type_id' => $kind->id,
                'title' => FollowUp::title($text),
                'minutes' => $minutes,
                'persons' => $kind->persons ?? 1,
                'skill' => $kind->skill,
                'steps' => [],
                'earliest_on' => $on,
                'due_on' => $on,
                'latest_on' => $on,
                'client_uuid' => $uuid,
            ]);
            self::settle($visit, []);

            return $job;
        });
    }

    /** @param  list<int>  $left  visits that lost a job */
    private static function settle(Visit $visit, array $left): void
    {
        if ($visit->state === Visit::UNDERWAY) {
            JobSheets::keep($visit, now()->toImmutable());
        }
        foreach ($left as $id) {
            // A visit without a job is none.
            if (! VisitTask::query()->where('visit_id', $id)->exists()) {
                Visit::query()
                    ->whereKey($id)
                    ->update(['state' => Visit::MISSED, 'why_unplanned' => 'its jobs ride on another visit']);
            }
        }
        VisitSums::keep([$visit->id, ...$left]);
    }
}
