<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

/** Longest ways through the steps, without regard to who is free: what no plan can beat. */
final readonly class Paths
{
    /**
     * @param  array<string, int>  $earliest  each step may begin at best
     * @param  array<string, int>  $tail  from its beginning to the end of all that waits for it
     */
    private function __construct(public array $earliest, public array $tail)
    {
    }

    public static function of(Work $work): self
    {
        $earliest = [];
        foreach ($work->steps as $id => $step) {
            $earliest[$id] = $step->fromMin ?? 0;
            foreach ($step->needs as $need) {
                $earliest[$id] = max($earliest[$id], $earliest[$need->id] + $work->steps[$need->id]->minutes + $need->lagMin);
            }
        }
        $tail = [];
        $followers = $work->followers;
        foreach (array_reverse($work->steps) as $id => $step) {
            $behind = 0;
            foreach ($followers[$id] as $next) {
                $behind = max($behind, $next->lagMin + $tail[$next->id]);
            }
            $tail[$id] = $step->minutes + (int) $behind;
        }

        return new self($earliest, $tail);
    }

    /** No plan is done sooner: the longest way, or all the work shared by all hands. */
    public function boundMin(Work $work): int
    {
        $longest = $load = 0;
        foreach ($work->steps as $id => $step) {
            $longest = max($longest, $this->earliest[$id] + $this->tail[$id]);
            $load += $step->minutes * $step->persons;
        }

        return max($longest, (int) ceil($load / count($work->hands)));
    }

    /** @return int minutes past ends and windows that no plan avoids */
    public function pastMin(Work $work): int
    {
        $past = 0;
        foreach ($work->ends as $end) {
            $past += max(0, $this->earliest[$end->step] + $work->steps[$end->step]->minutes - $end->atMin);
        }
        foreach ($work->steps as $id => $step) {
            $past += $step->toMin === null ? 0 : max(0, $this->earliest[$id] + $step->minutes - $step->toMin);
        }

        return $past;
    }
}
