<?php

declare(strict_types=1);

namespace App\Rounds\Entries;

use App\House\Days;
use App\Rounds\MediaCharges;
use App\Rounds\VisitSums;
use App\Rounds\VisitTask;
use Velbrin\Core\Rounds\Turns;

/** What comes after its visit was closed still counts: its day, its turn, its follow-up (S-31). */
final class Late
{
    /** Kinds that are kept as late additions. */
    public const KINDS = [
        'note',
        'missed',
        'follow-up',
        'reading',
        'seen',
        'part',
        'off',
        'on',
        'stays-off',
        'step',
        'before',
        'done',
        'litres',
        'water',
        'depths',
        'lift',
        'put-back',
        'job',
    ];

    public static function settle(VisitTask $done, Sent $sent): void
    {
        $on = $sent->at->setTimezone(Days::zone())->toDateString();
        $task = $done->task;
        if ($task !== null && ($task->last_done_on === null || $task->last_done_on->toDateString() < $on)) {
            MediaCharges::exchange($done, $sent->at, $sent->user->id);
            $task
                ->fill(['last_done_on' => $on, 'turn' => Turns::after($task->turn, count($task->type->turns ?? []))])
                ->settle();
            $task->save();
        }
        if ($done->followUp !== null && $done->followUp->done_at === null) {
            $done->followUp->update(['done_at' => $sent->at, 'done_by' => $sent->user->id]);
        }
        // Another visit was to do it: it need not.
        $others = VisitTask::query()
            ->where('state', 'open')
            ->where('visit_id', '<>', $done->visit_id)
            ->where(
                fn ($q) => $done->task_id === null
                    ? $q->where('follow_up_id', $done->follow_up_id ?? 0)
                    : $q->where('task_id', $done->task_id),
            )
            ->get();
        $others->each(fn (VisitTask $t) => $t->delete());
        VisitSums::keep(array_values($others->map(fn (VisitTask $t): int => $t->visit_id)->unique()->all()));
    }
}
