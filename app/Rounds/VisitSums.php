<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Systems\System;
use Illuminate\Support\Collection;
use Velbrin\Core\Rounds\VisitJob;
use Velbrin\Core\Rounds\VisitLoad;

/** Keeps a visit’s minutes, litres, kg, people, skills and days the sum over its jobs (S-12, S-55). */
final class VisitSums
{
    /** @param  list<int>  $visitIds  those that have not begun are summed anew */
    public static function keep(array $visitIds): void
    {
        $visits = Visit::query()
            ->whereIn('id', $visitIds)
            ->whereIn('state', [Visit::OPEN, Visit::PLANNED])
            ->with(['tasks.system.site'])
            ->get();
        $ratios = self::ratios(array_values($visits->map(fn (Visit $v): int => $v->site_id)->unique()->all()));
        foreach ($visits as $visit) {
            $load = self::load($visit, $ratios[$visit->site_id] ?? []);
            if ($load !== null) {
                $visit->update(self::columns($load));
            }
        }
        Bookings::follow(array_values($visits->map(fn (Visit $v): int => $v->id)->all()));
    }

    /** @param  list<float>  $ratios */
    public static function load(Visit $visit, array $ratios): ?VisitLoad
    {
        $jobs = [];
        foreach ($visit->tasks as $task) {
            if ($task->system !== null && $task->state === 'open') {
                $jobs[] = self::job($visit, $task, $task->system);
            }
        }

        return $jobs === [] ? null : VisitLoad::of($jobs, Days::number(Days::today()), $ratios);
    }

    /** @return array<string, mixed> */
    public static function columns(VisitLoad $load): array
    {
        $on = fn (int $day): string => Days::date($day)->toDateString();

        return [
            'minutes' => $load->minutes,
            'salt_l' => $load->saltL,
            'kg' => $load->kg,
            'persons' => $load->persons,
            'skills' => $load->skills,
            'earliest_on' => $on($load->earliestDay),
            'due_on' => $on($load->dueDay),
            'latest_on' => $on($load->latestDay),
        ];
    }

    private static function job(Visit $visit, VisitTask $task, System $system): VisitJob
    {
        $day = fn (string $column): string => ($task->{$column} ?? $visit->{$column})->toDateString();
        $window = DueThings::window($day('earliest_on'), $day('due_on'), $day('latest_on'));

        return DueThings::job($system, $window, $task->minutes, $task->litres, $task->kg, $task->persons, $task->skill);
    }

    /**
     * What the last visits of each place took against their plan, newest first.
     *
     * @param  list<int>  $siteIds
     * @return array<int, list<float>>
     */
    public static function ratios(array $siteIds): array
    {
        $closed = Visit::query()
            ->whereIn('site_id', $siteIds)
            ->where('state', Visit::CLOSED)
            ->whereNotNull('actual_min')
            ->where('planned_min', '>', 0)
            ->where('closed_at', '>=', now()->subMonths(6))
            ->latest('closed_at')
            ->toBase()
            ->get(['site_id', 'actual_min', 'planned_min']);

        return $closed
            ->groupBy('site_id')
            ->map(
                fn (Collection $of): array => array_values(
                    $of->map(fn (object $v): float => (float) $v->actual_min / (float) $v->planned_min)->all(),
                ),
            )
            ->all();
    }
}
