<?php

declare(strict_types=1);

namespace App\Reports;

use App\Clients\Attachment;
use App\House\Days;
use App\Rounds\FollowUp;
use App\Rounds\Observation;
use App\Rounds\OffRecord;
use App\Rounds\Visit;
use App\Rounds\VisitClosed;
use App\Rounds\VisitPart;
use App\Rounds\VisitTask;
use App\Systems\Band;
use App\Systems\Reading;
use App\Systems\System;
use Illuminate\Support\Collection;
use Velbrin\Core\Rounds\Grade;
use Velbrin\Core\Rounds\Sign;

/** When a visit closes, its report is drafted from what was written down: values as data, so that anyone reads their own units (S-33). */
final class DraftReport
{
    public function handle(VisitClosed $closed): void
    {
        self::of($closed->visit);
    }

    public static function of(Visit $visit): Report
    {
        $visit->load(['tasks.type', 'tasks.system.bands', 'closer', 'parts', 'followUps']);
        $systems = $visit->tasks->map(fn (VisitTask $t): ?System => $t->system)->filter()->unique('id')->values();
        $ids = $systems->map(fn (System $s): int => $s->id)->all();
        $from = $visit->opened_at ?? $visit->created_at;
        $readings = Reading::query()
            ->whereIn('system_id', $ids)
            ->whereNull('marked_at')
            ->whereBetween('taken_at', [$from, $visit->closed_at ?? now()])
            ->orderBy('taken_at')
            ->get()
            ->toBase()
            ->groupBy('system_id');
        $seen = Observation::query()
            ->where('visit_id', $visit->id)
            ->orderBy('id')
            ->get()
            ->toBase()
            ->groupBy('system_id');
        $off = OffRecord::query()
            ->whereIn('system_id', $ids)
            ->whereNull('on_at')
            ->whereNotNull('stays_because')
            ->orderBy('id')
            ->get()
            ->toBase()
            ->groupBy('system_id');
        $next = Visit::query()
            ->where('site_id', $visit->site_id)
            ->where('state', Visit::PLANNED)
            ->where('planned_on', '>=', Days::today()->toDateString())
            ->orderBy('planned_on')
            ->value('planned_on');

        return Report::query()->updateOrCreate(
            ['visit_id' => $visit->id],
            [
                'site_id' => $visit->site_id,
                'content' => [
                    'words' => null,
                    'by' => (string) $visit->closer?->name,
                    'systems' => array_values(
                        $systems
                            ->map(
                                fn (System $s): array => self::system(
                                    $s,
                                    $visit,
                                    $readings[$s->id] ?? collect(),
                                    $seen[$s->id] ?? collect(),
                                    $off[$s->id] ?? collect(),
                                ),
                            )
                            ->all(),
                    ),
                    'parts' => array_values(
                        $visit->parts
                            ->map(fn (VisitPart $p): array => ['name' => $p->name, 'quantity' => (float) $p->quantity])
                            ->all(),
                    ),
                    'recommendations' => [],
                ],
                'next_on' => $next instanceof \DateTimeInterface ? $next->format('Y-m-d') : (is_string($next) ? $next : null),
                'photo_id' => $visit
                    ->attachments()
                    ->current()
                    ->ready()
                    ->where('kind', Attachment::PHOTO)
                    ->latest('id')
                    ->value('id'),
            ],
        );
    }

    /**
     * @param  Collection<int, Reading>  $readings
     * @param  Collection<int, Observation>  $seen
     * @param  Collection<int, OffRecord>  $off
     * @return array<string, mixed>
     */
    private static function system(
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
