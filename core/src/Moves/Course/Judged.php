<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

/**
 * How good a plan is: minutes past what has to hold, then minutes anybody is needed outside their hours, then how much of the animals’
 * time is left, then when all is done.
 */
final readonly class Judged
{
    private function __construct(public int $pastMin, public int $overMin, public float $leastShare, public int $finishMin)
    {
    }

    public static function of(Work $work, Plan $plan): self
    {
        $past = $finish = 0;
        foreach ($work->steps as $id => $step) {
            $until = $plan->starts[$id] + $step->minutes;
            $finish = max($finish, $until);
            $past += $step->toMin === null ? 0 : max(0, $until - $step->toMin);
            foreach ($step->needs as $need) {
                $waited = $plan->starts[$id] - $plan->starts[$need->id] - $work->steps[$need->id]->minutes;
                $past += $need->maxLagMin === null ? 0 : max(0, $waited - $need->maxLagMin);
            }
        }
        foreach ($work->ends as $end) {
            $past += max(0, $plan->starts[$end->step] + $work->steps[$end->step]->minutes - $end->atMin);
        }
        $least = INF;
        foreach ($work->clocks as $clock) {
            $least = min($least, ($clock->minutes - self::usedMin($work, $plan, $clock)) / max(1, $clock->minutes));
        }

        return new self($past, self::overMin($work, $plan), $least, $finish);
    }

    private static function overMin(Work $work, Plan $plan): int
    {
        $over = 0;
        foreach ($work->hands as $hand) {
            if ($hand->fromMin === null && $hand->untilMin === null) {
                continue;
            }
            foreach ($plan->hands as $id => $hands) {
                $start = $plan->starts[$id];
                $over += in_array($hand->id, $hands, true) ? $hand->outsideMin($start, $start + $work->steps[$id]->minutes) : 0;
            }
        }

        return $over;
    }

    public static function usedMin(Work $work, Plan $plan, Clock $clock): int
    {
        return $plan->starts[$clock->until] + $work->steps[$clock->until]->minutes - $plan->starts[$clock->from];
    }

    public function isBetterThan(self $other): bool
    {
        return [$this->pastMin, $this->overMin, -$this->leastShare, $this->finishMin]
            < [$other->pastMin, $other->overMin, -$other->leastShare, $other->finishMin];
    }
}
