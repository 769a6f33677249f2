<?php

declare(strict_types=1);

namespace App\Reports;

use App\Rounds\FollowUp;
use App\Rounds\Observation;
use App\Rounds\OffRecord;
use App\Rounds\Visit;
use App\Rounds\VisitTask;
use App\Systems\Band;
use App\Systems\Reading;
use App\Systems\System;
use Illuminate\Support\Collection;
use Velbrin\Core\Rounds\Grade;
use Velbrin\Core\Rounds\Sign;

/** One system in a report's draft: what was done, read, seen, left undone, left off. Plain values, kept as they are. */
final readonly class DraftedSystem
{
    /**
     * @param  Collection<int, Reading>  $readings
     * @param  Collection<int, Observation>  $seen
     * @param  Collection<int, OffRecord>  $off
     * @return array<string, mixed>
     */
    public static function of(
        System $system,
        Visit $visit,
        Collection $readings,
        Collection $seen,
        Collection $off,
    ): array {
        $tasks = $visit->tasks->where('system_id', $system->id);

        return [
            'id' => $system->id,
            'name' => $system->name,
            'done' => array_values(
                $tasks
                    ->where('state', 'done')
                    ->map(
                        fn (VisitTask $t): array => [
                            'what' => (string) $t->type?->name,
                            'turn' => $t->turn,
                            'litres' => $t->in_l ?? $t->out_l,
                            'why' => $t->reason,
                        ],
                    )
                    ->all(),
            ),
            'readings' => array_values(
                $readings
                    ->keyBy(fn (Reading $r): string => $r->parameter->key())
                    ->map(
                        fn (Reading $r): array => [
                            'parameter' => $r->parameter->key(),
                            'value' => $r->value,
                            'standing' => Band::for($system, $r->parameter)?->limits()->standing($r->value)->value,
                        ],
                    )
                    ->all(),
            ),
            'seen' => array_values(
                $seen
                    ->map(
                        fn (Observation $o): string => (Sign::tryFrom($o->sign)?->plain(
                            Grade::tryFrom($o->grade) ?? Grade::Little,
                        ) ??
                            $o->sign).
                            ($o->note === null ? '' : " ({$o->note})"),
                    )
                    ->all(),
            ),
            'notDone' => array_values(
                $tasks
                    ->where('state', 'skipped')
                    ->map(
                        fn (VisitTask $t): array => [
                            'what' => (string) $t->type?->name,
                            'why' => (string) $t->note,
                            'on' => $visit->followUps
                                ->first(
                                    fn (FollowUp $f): bool => $f->kind === 'carry-over' &&
                                        $f->system_id === $t->system_id &&
                                        $f->task_type_id === $t->task_type_id,
                                )
                                ?->due_on->toDateString(),
                        ],
                    )
                    ->all(),
            ),
            'disturbed' => array_values(
                $tasks
                    ->where('state', 'done')
                    ->filter(fn (VisitTask $t): bool => $t->type?->messy === true)
                    ->map(fn (VisitTask $t): string => (string) $t->type?->name)
                    ->all(),
            ),
            'off' => array_values(
                $off
                    ->map(
                        fn (OffRecord $o): array => [
                            'what' => $o->what,
                            'because' => (string) $o->stays_because,
                            'substitute' => $o->substitute,
                            'review' => $o->review_on?->toDateString(),
                        ],
                    )
                    ->all(),
            ),
            'openPoints' => array_values(
                $visit->followUps
                    ->where('system_id', $system->id)
                    ->where('kind', 'follow-up')
                    ->map(fn (FollowUp $f): array => ['what' => $f->text, 'on' => $f->due_on->toDateString()])
                    ->all(),
            ),
        ];
    }
}
