<?php

declare(strict_types=1);

namespace App\Rounds\Entries;

use App\House\Days;
use App\Rounds\Disturbed;
use App\Rounds\FollowUp;
use App\Rounds\Lifted;
use App\Rounds\Lock;
use App\Rounds\MediaCharges;
use App\Rounds\OffRecord;
use App\Rounds\Task;
use App\Rounds\Visit;
use App\Rounds\VisitClosed;
use App\Rounds\VisitSums;
use App\Rounds\VisitTask;
use App\Water\WaterBooking;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use Velbrin\Core\Rounds\LeaveSafe;
use Velbrin\Core\Rounds\Turns;

/** Leaves only what is safe; then last-done, the next windows, check-backs, the log and the water follow (S-32, S-34). */
final class Closing
{
    public function close(Sent $sent, Visit $visit): Outcome
    {
        $tasks = $this->known($sent, $visit);
        $systems = $tasks->map(fn (VisitTask $t): int => $t->system_id)->unique()->all();
        $off = OffRecord::query()
            ->whereNull('on_at')
            ->whereNull('stays_because')
            ->where(fn ($q) => $q->where('visit_id', $visit->id)->orWhereIn('system_id', $systems))
            ->lockForUpdate()
            ->get();
        $against = LeaveSafe::against(
            array_values($off->map(fn (OffRecord $o): string => lcfirst($o->what))->all()),
            array_values(
                $tasks->where('state', 'open')->map(fn (VisitTask $t): string => lcfirst($t->name()))->unique()->all(),
            ),
            $sent->list('ticked'),
        );
        if ($against !== []) {
            return Outcome::refused('Not yet: '.implode('; ', $against).'.');
        }
        $lifted = Lifted::query()->where('visit_id', $visit->id)->whereNull('back_at')->pluck('what')->all();
        if ($lifted !== []) {
            return Outcome::refused('Not yet: still out of its place: '.implode(', ', $lifted).'.');
        }
        $at = $sent->at->isFuture() ? CarbonImmutable::now() : $sent->at;
        $opened = $visit->opened_at ?? $at;
        $visit->update([
            'state' => Visit::CLOSED,
            'closed_at' => $at->lessThan($opened) ? $opened : $at,
            'closed_by' => $sent->user->id,
            'actual_min' => max(1.0, $opened->diffInMinutes($at)),
            'left_note' => $sent->text('leftNote'),
        ]);
        $this->settle($tasks, $at, $sent);
        $this->comesBack($sent, $visit, $tasks, $at);
        foreach ($tasks->groupBy('system_id') as $ofSystem) {
            $this->log($sent, $ofSystem, $at);
        }
        FollowUp::query()
            ->whereIn('system_id', $systems)
            ->where('visit_id', '<>', $visit->id)
            ->where('kind', 'carry-over')
            ->whereNull('done_at')
            ->whereIn(
                'task_type_id',
                $tasks->where('state', 'done')->map(fn (VisitTask $t): int => $t->task_type_id)->all(),
            )
            ->update(['done_at' => $at, 'done_by' => $sent->user->id]);
        WaterBooking::query()
            ->where('visit_id', $visit->id)
            ->whereNull('released_at')
            ->update(['released_at' => $at]);
        $this->elsewhere($visit, $tasks);
        FollowUp::query()
            ->where('kind', 'bring')
            ->whereNull('done_at')
            ->whereIn('system_id', $systems)
            ->where('visit_id', '<>', $visit->id)
            ->where('created_at', '<=', $opened)
            ->update(['done_at' => $at, 'done_by' => $sent->user->id]);
        event(new VisitClosed($visit, $sent->user));

        return Outcome::ok('Closed. The report is drafted.');
    }

    /**
     * The jobs the phone knows of. One that was added after it last read the visit goes back to wait for the next one: nobody was
     * asked about it.
     *
     * @return Collection<int, VisitTask>
     */
    private function known(Sent $sent, Visit $visit): Collection
    {
        $tasks = VisitTask::query()
            ->where('visit_id', $visit->id)
            ->with(['type', 'task.type', 'system', 'followUp'])
            ->orderBy('id')
            ->get()
            ->toBase();
        $ids = $sent->payload['jobs'] ?? null;
        if (! is_array($ids)) {
            return $tasks;
        }
        $unseen = $tasks->filter(
            fn (VisitTask $t): bool => $t->state === 'open' &&
                ! in_array($t->id, $ids, true) &&
                ! in_array($t->client_uuid, $ids, true),
        );
        $unseen->each(fn (VisitTask $t) => $t->delete());

        return $tasks->reject(fn (VisitTask $t): bool => $unseen->contains('id', $t->id))->values();
    }

    /** @param  Collection<int, VisitTask>  $tasks */
    private function settle(Collection $tasks, CarbonImmutable $at, Sent $sent): void
    {
        foreach ($tasks->where('state', 'done') as $done) {
            MediaCharges::exchange($done, $at, $sent->user->id);
            $task = $done->task;
            if ($task instanceof Task) {
                $turn = Turns::after($task->turn, count($task->type->turns ?? []));
                $task
                    ->fill(['last_done_on' => $at->setTimezone(Days::zone())->toDateString(), 'turn' => $turn])
                    ->settle();
                $task->save();
            }
            Lock::after($done, $at);
            Disturbed::after($done, $at);
            if ($done->followUp !== null && $done->followUp->done_at === null) {
                $done->followUp->update(['done_at' => $at, 'done_by' => $sent->user->id]);
            }
        }
    }

    /**
     * What was done here is not done again by a visit that was planned for it: each thing is on one visit.
     *
     * @param  Collection<int, VisitTask>  $tasks
     */
    private function elsewhere(Visit $visit, Collection $tasks): void
    {
        $done = $tasks->where('state', 'done');
        $others = VisitTask::query()
            ->where('state', 'open')
            ->where('visit_id', '<>', $visit->id)
            ->where(
                fn ($q) => $q
                    ->whereIn('task_id', $done->pluck('task_id')->filter())
                    ->orWhereIn('follow_up_id', $done->pluck('follow_up_id')->filter()),
            )
            ->whereHas('visit', fn ($v) => $v->whereIn('state', [Visit::OPEN, Visit::PLANNED]))
            ->with(['task', 'visit'])
            ->get();
        $touched = [];
        foreach ($others as $other) {
            $day = $other->visit === null ? null : ($other->visit->planned_on ?? $other->visit->due_on)->toDateString();
            $mayAgain = $other->task?->earliest_on?->toDateString();
            if ($mayAgain === null || $day === null || $mayAgain > $day) {
                $touched[] = $other->visit_id;
                $other->delete();
            }
        }
        foreach (array_unique($touched) as $id) {
            if (! VisitTask::query()->where('visit_id', $id)->exists()) {
                Visit::query()
                    ->whereKey($id)
                    ->update(['state' => Visit::MISSED, 'why_unplanned' => 'its jobs were done on an earlier visit']);
            }
        }
        VisitSums::keep(array_values(array_unique($touched)));
    }

    /**
     * A messy job is looked at again the next day (X-12).
     *
     * @param  Collection<int, VisitTask>  $tasks
     */
    private function comesBack(Sent $sent, Visit $visit, Collection $tasks, CarbonImmutable $at): void
    {
        foreach ($tasks->where('state', 'done') as $done) {
            if ($done->type?->messy === true) {
                FollowUp::query()->create([
                    'system_id' => $done->system_id,
                    'visit_id' => $visit->id,
                    'task_type_id' => $done->task_type_id,
                    'kind' => 'check-back',
                    'on_site' => true,
                    'text' => "Look again after: {$done->type->name}",
                    'owner_id' => $sent->user->id,
                    'due_on' => $at->setTimezone(Days::zone())->addDay()->toDateString(),
                    'client_uuid' => Str::uuid()->toString(),
                ]);
            }
        }
    }

    /** @param  Collection<int, VisitTask>  $tasks  of one system */
    private function log(Sent $sent, Collection $tasks, CarbonImmutable $at): void
    {
        $done = $tasks->where('state', 'done')->map(function (VisitTask $t): string {
            $litres = $t->in_l ?? $t->out_l;

            return $t->name().
                ($t->turn === null ? '' : ", {$t->turn}").
                ($litres === null ? '' : sprintf(', %.0f L', $litres));
        });
        $skipped = $tasks->where('state', 'skipped')->map(fn (VisitTask $t): string => "{$t->name()} ({$t->note})");
        $text =
            ($done->isEmpty() ? 'Visited.' : $done->implode('. ').'.').
            ($skipped->isEmpty() ? '' : ' Not done: '.$skipped->implode(', ').'.');
        $tasks
            ->first()
            ?->system?->logEntries()
            ->create([
                'kind' => 'work',
                'text' => mb_substr($text, 0, 1000),
                'happened_at' => $at,
                'user_id' => $sent->user->id,
            ]);
    }
}
