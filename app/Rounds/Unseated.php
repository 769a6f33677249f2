<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Rounds\Views\UnseatedView;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What is due and stands on no visit, with the reason (S-52): “everything has a place” is said only when this is empty. */
final class Unseated
{
    private const SHOWN = 12;

    /** @return array{0: list<UnseatedView>, 1: int} the most pressing, and how many in all */
    public static function until(CarbonImmutable $day): array
    {
        $rows = DB::query()
            ->fromSub(self::tasks($day)->unionAll(self::laters($day)), 'due')
            ->join('systems', 'systems.id', '=', 'due.system_id')
            ->join('sites', 'sites.id', '=', 'systems.site_id')
            ->whereNull('systems.archived_at')
            ->orderBy('due.due_on')
            ->orderBy('due.system_id')
            ->limit(self::SHOWN)
            ->get(['due.*', 'systems.name as system', 'sites.name as place', DB::raw('count(*) over () as every')]);
        $views = $rows->map(
            fn (stdClass $r): UnseatedView => new UnseatedView(
                (int) $r->system_id,
                (string) $r->system,
                (string) $r->place,
                (string) $r->what,
                substr((string) $r->due_on, 0, 10),
                'no visit yet: propose the week',
            ),
        );

        return [array_values($views->all()), (int) ($rows->first()->every ?? 0)];
    }

    private static function tasks(CarbonImmutable $day): Builder
    {
        return DB::table('tasks')
            ->join('task_types', 'task_types.id', '=', 'tasks.task_type_id')
            ->whereNull('tasks.ended_at')
            ->where('tasks.due_on', '<=', $day->toDateString())
            ->where(
                fn ($q) => $q
                    ->whereNull('tasks.suspended_until')
                    ->orWhere('tasks.suspended_until', '<=', Days::today()->toDateString()),
            )
            ->whereNotExists(self::onVisit('task_id', 'tasks.id'))
            ->select(['tasks.system_id', 'tasks.due_on', 'task_types.name as what']);
    }

    private static function laters(CarbonImmutable $day): Builder
    {
        return DB::table('follow_ups')
            ->whereNull('done_at')
            ->where('on_site', true)
            ->where('due_on', '<=', $day->toDateString())
            ->whereNotExists(self::onVisit('follow_up_id', 'follow_ups.id'))
            ->select(['system_id', 'due_on', DB::raw('left(text, 120) as what')]);
    }

    /** On one that is still to come or under way. */
    private static function onVisit(string $column, string $id): Builder
    {
        return DB::table('visit_tasks')
            ->join('visits', 'visits.id', '=', 'visit_tasks.visit_id')
            ->whereColumn("visit_tasks.{$column}", $id)
            ->where('visit_tasks.state', 'open')
            ->where(
                fn ($q) => $q
                    ->whereIn('visits.state', [Visit::OPEN, Visit::UNDERWAY])
                    ->orWhere(
                        fn ($p) => $p
                            ->where('visits.state', Visit::PLANNED)
                            ->where('visits.planned_on', '>=', Days::today()->toDateString()),
                    ),
            )
            ->selectRaw('1');
    }
}
