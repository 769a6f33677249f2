<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Systems\System;
use Illuminate\Support\Collection;
use Velbrin\Core\Rounds\Disturbance;
use Velbrin\Core\Rounds\KeepsClear;
use Velbrin\Core\Rounds\VisitJob;
use Velbrin\Core\Rounds\Window;
use Velbrin\Core\Water\Hose;

/** Reads what asks for somebody at some places: everything that recurs, and every later that needs presence (S-52). */
final class DueThings
{
    /** Of the system, where a change names no litres of its own. */
    private const USUAL_CHANGE = 0.1;

    /** A later without minutes of its own. */
    public const ERRAND_MIN = 15.0;

    /**
     * @param  list<int>  $siteIds
     * @return Collection<int, DueThing>
     */
    public static function at(array $siteIds): Collection
    {
        $systems = System::query()->current()->whereIn('site_id', $siteIds)->with('site')->get()->keyBy('id');
        $tasks = Task::query()
            ->whereNull('ended_at')
            ->whereNotNull('due_on')
            ->whereIn('system_id', $systems->keys())
            ->with('type')
            ->get()
            ->reject(fn (Task $t): bool => $t->isSuspended());
        $later = FollowUp::query()
            ->whereNull('done_at')
            ->where('on_site', true)
            ->whereIn('system_id', $systems->keys())
            ->get();
        $types = TaskType::query()
            ->whereIn('id', $later->pluck('task_type_id')->filter()->unique())
            ->get()
            ->keyBy('id');
        $errand = $later->isEmpty() ? null : TaskStart::kind('errand');
        $look = $later->isEmpty() ? null : TaskStart::kind('look');
        $events = SiteEvent::coming($siteIds);
        $things = [];
        foreach ($tasks as $task) {
            $system = $systems->get($task->system_id);
            if ($task->type !== null && $system !== null) {
                $things[] = self::keepsClear(self::task($task, $task->type, $system), $events);
            }
        }
        foreach ($later as $follow) {
            $type = match ($follow->kind) {
                'check-back' => $look,
                'carry-over' => $types[$follow->task_type_id ?? 0] ?? $errand,
                default => $types[$follow->task_type_id ?? 0] ?? $errand,
            };
            $system = $systems->get($follow->system_id);
            if ($type !== null && $system !== null) {
                $things[] = self::keepsClear(self::later($follow, $type, $system), $events);
            }
        }

        return collect($things);
    }

    /**
     * A messy job keeps off the days before what they hold (X-12).
     *
     * @param  array<int, list<SiteEvent>>  $events  by place
     */
    private static function keepsClear(DueThing $thing, array $events): DueThing
    {
        $ofSite = $events[$thing->siteId] ?? [];
        if ($thing->disturbsH === null || $ofSite === []) {
            return $thing;
        }

        $clear = array_map(fn (SiteEvent $e): KeepsClear => $e->core(), $ofSite);

        return $thing->within(KeepsClear::window($thing->window, Days::number(Days::today()), $clear), $clear);
    }

    private static function disturbsH(TaskType $type, System $system, ?float $litres): ?float
    {
        $volumeL = $litres === null ? null : $system->volumeL();
        $share = $volumeL === null || $volumeL <= 0 ? null : $litres / $volumeL;

        return Disturbance::after($type->key ?? '', $type->messy, $share)?->hours;
    }

    private static function task(Task $task, TaskType $type, System $system): DueThing
    {
        $litres =
            $type->key === 'change' ? round($task->litres ?? self::USUAL_CHANGE * ($system->volumeL() ?? 0.0)) : null;
        $window = self::window(
            (string) $task->dateText('earliest_on'),
            (string) $task->dateText('due_on'),
            (string) $task->dateText('latest_on'),
        );
        $kg = $type->key === SandJob::KEY ? SandJob::kg($system) : 0.0;

        return new DueThing(
            siteId: $system->site_id,
            systemId: $system->id,
            taskId: $task->id,
            followUpId: null,
            typeId: $type->id,
            typeKey: $type->key,
            title: null,
            turn: $type->turns[$task->turn] ?? null,
            window: $window,
            job: self::job($system, $window, $type->minutes, $litres, $kg, $type->persons ?? 1, $type->skill),
            litres: $litres,
            disturbsH: self::disturbsH($type, $system, $litres),
        );
    }

    private static function later(FollowUp $follow, TaskType $type, System $system): DueThing
    {
        $due = (string) $follow->due_on->toDateString();
        $window = self::window(
            $follow->earliest_on?->toDateString() ?? $due,
            $due,
            $follow->latest_on?->toDateString() ?? $due,
        );
        $minutes = $follow->minutes ?? ($follow->task_type_id === null ? self::ERRAND_MIN : $type->minutes);
        $litres = $type->key === 'change' ? round(self::USUAL_CHANGE * ($system->volumeL() ?? 0.0)) : null;

        return new DueThing(
            siteId: $system->site_id,
            systemId: $system->id,
            taskId: null,
            followUpId: $follow->id,
            typeId: $type->id,
            typeKey: $type->key,
            title: FollowUp::title($follow->text),
            turn: null,
            window: $window,
            job: self::job(
                $system,
                $window,
                $minutes,
                $litres,
                0.0,
                max($follow->persons, $type->persons ?? 1),
                $follow->skill ?? $type->skill,
            ),
            litres: $litres,
            disturbsH: $follow->kind === 'check-back' ? null : self::disturbsH($type, $system, $litres),
        );
    }

    public static function job(
        System $system,
        Window $window,
        float $minutes,
        ?float $litres,
        float $kg,
        int $persons,
        ?string $skill,
    ): VisitJob {
        return new VisitJob(
            minutes: $minutes,
            window: $window,
            changeL: $litres ?? 0.0,
            bringsWater: $system->site?->makes_water !== true,
            hoseLh: $system->hose_flow_lh ?? Hose::USUAL_LH,
            kg: $kg,
            persons: $persons,
            skill: $skill,
        );
    }

    public static function window(string $earliest, string $due, string $latest): Window
    {
        return new Window((float) Days::ofText($earliest), (float) Days::ofText($due), (float) Days::ofText($latest));
    }
}
