<?php

declare(strict_types=1);

namespace App\Reports;

use App\Clients\Attachment;
use App\House\Days;
use App\Rounds\Observation;
use App\Rounds\OffRecord;
use App\Rounds\Visit;
use App\Rounds\VisitClosed;
use App\Rounds\VisitPart;
use App\Rounds\VisitTask;
use App\Systems\Reading;
use App\Systems\System;

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
                                fn (System $s): array => DraftedSystem::of(
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
}
