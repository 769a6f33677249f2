<?php

declare(strict_types=1);

namespace App\Rounds\Entries;

use App\Rounds\Days;
use App\Rounds\FollowUp;
use App\Rounds\OffRecord;
use App\Rounds\Task;
use App\Rounds\Visit;
use App\Rounds\VisitClosed;
use App\Rounds\VisitTask;
use App\Water\WaterBooking;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use Velbrin\Core\Rounds\LeaveSafe;

/** Leaves only what is safe; then last-done, the next windows, check-backs, the log and the water follow (S-32, S-34). */
final class Closing
{
    public function close(Sent $sent, Visit $visit): Outcome
    {
        $tasks = VisitTask::query()->where('visit_id', $visit->id)->with(['type', 'task.type', 'system'])->orderBy('id')->get()->toBase();
        $systems = $tasks->map(fn (VisitTask $t): int => $t->system_id)->unique()->all();
        $off = OffRecord::query()->whereNull('on_at')->whereNull('stays_because')->where(fn ($q) => $q->where('visit_id', $visit->id)->orWhereIn('system_id', $systems))->lockForUpdate()->get();
        $against = LeaveSafe::against(
            array_values($off->map(fn (OffRecord $o): string => lcfirst($o->what))->all()),
            array_values($tasks->where('state', 'open')->map(fn (VisitTask $t): string => lcfirst((string) $t->type?->name))->unique()->all()),
            $sent->list('ticked'),
        );
        if ($against !== []) {
            return Outcome::refused('Not yet: '.implode('; ', $against).'.');
        }
        $at = $sent->at->isFuture() ? CarbonImmutable::now() : $sent->at;
        $opened = $visit->opened_at ?? $at;
        $visit->update(['state' => Visit::CLOSED, 'closed_at' => $at->lessThan($opened) ? $opened : $at, 'closed_by' => $sent->user->id, 'actual_min' => max(1.0, $opened->diffInMinutes($at)), 'left_note' => $sent->text('leftNote')]);
        $this->settle($tasks, $at);
        $this->comesBack($sent, $visit, $tasks, $at);
        foreach ($tasks->groupBy('system_id') as $ofSystem) {
            $this->log($sent, $ofSystem, $at);
        }
        FollowUp::query()->whereIn('system_id', $systems)->where('visit_id', '<>', $visit->id)->where('kind', 'carry-over')->whereNull('done_at')
            ->whereIn('task_type_id', $tasks->where('state', 'done')->map(fn (VisitTask $t): int => $t->task_type_id)->all())->update(['done_at' => $at, 'done_by' => $sent->user->id]);
        WaterBooking::query()->where('visit_id', $visit->id)->whereNull('released_at')->update(['released_at' => $at]);
        event(new VisitClosed($visit, $sent->user));

        return Outcome::ok('Closed. The report is drafted.');
    }

    /** @param  Collection<int, VisitTask>  $tasks */
    private function settle(Collection $tasks, CarbonImmutable $at): void
    {
        foreach ($tasks->where('state', 'done') as $done) {
            $task = $done->task;
            if (! $task instanceof Task) {
                continue;
            }
            $turns = count($task->type->turns ?? []);
            $task->fill(['last_done_on' => $at->setTimezone(Days::zone())->toDateString(), 'turn' => $turns === 0 ? 0 : ($task->turn + 1) % $turns])->settle();
            $task->save();
        }
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
                    'system_id' => $done->system_id, 'visit_id' => $visit->id, 'task_type_id' => $done->task_type_id, 'kind' => 'check-back', 'text' => "Look again after: {$done->type->name}", 'owner_id' => $sent->user->id,
                    'due_on' => $at->setTimezone(Days::zone())->addDay()->toDateString(), 'client_uuid' => Str::uuid()->toString(),
                ]);
            }
        }
    }

    /** @param  Collection<int, VisitTask>  $tasks  of one system */
    private function log(Sent $sent, Collection $tasks, CarbonImmutable $at): void
    {
        $done = $tasks->where('state', 'done')->map(function (VisitTask $t): string {
            $litres = $t->in_l ?? $t->out_l;

            return $t->type?->name.($t->turn === null ? '' : ", {$t->turn}").($litres === null ? '' : sprintf(', %.0f L', $litres));
        });
        $skipped = $tasks->where('state', 'skipped')->map(fn (VisitTask $t): string => "{$t->type?->name} ({$t->note})");
        $text = ($done->isEmpty() ? 'Visited.' : $done->implode('. ').'.').($skipped->isEmpty() ? '' : ' Not done: '.$skipped->implode(', ').'.');
        $tasks->first()?->system?->logEntries()->create(['kind' => 'work', 'text' => mb_substr($text, 0, 1000), 'happened_at' => $at, 'user_id' => $sent->user->id]);
    }
}
