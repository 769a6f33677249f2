<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

/** Orders in which each step stands after what it needs. */
final class Order
{
    /**
     * Of all those that wait for nothing any more, the lowest number first.
     *
     * @param  array<string, int|float>  $number  by step; none: last
     * @return list<string>
     */
    public static function by(Work $work, array $number): array
    {
        $waits = $open = [];
        foreach ($work->steps as $id => $step) {
            $waits[$id] = count($step->needs);
            if ($waits[$id] === 0) {
                $open[$id] = $number[$id] ?? INF;
            }
        }
        $order = [];
        while ($open !== []) {
            $next = (string) array_search(min($open), $open, true);
            unset($open[$next]);
            $order[] = $next;
            foreach ($work->followers[$next] as $follower) {
                if (--$waits[$follower->id] === 0) {
                    $open[$follower->id] = $number[$follower->id] ?? INF;
                }
            }
        }

        return $order;
    }

    /** @return list<string> first the one that has to be done soonest, by what waits for it and by its end */
    public static function byLatest(Work $work): array
    {
        $horizon = array_sum(array_map(fn (Step $s): int => $s->minutes, $work->steps));
        $due = [];
        foreach ($work->ends as $end) {
            $due[$end->step] = min($due[$end->step] ?? PHP_INT_MAX, $end->atMin);
        }
        $latest = [];
        $followers = $work->followers;
        foreach (array_reverse($work->steps) as $id => $step) {
            $latest[$id] = min($horizon, $step->toMin ?? $horizon, $due[$id] ?? $horizon);
            foreach ($followers[$id] as $next) {
                $latest[$id] = min($latest[$id], $latest[$next->id] - $work->steps[$next->id]->minutes - $next->lagMin);
            }
        }

        return self::by($work, $latest);
    }
}
