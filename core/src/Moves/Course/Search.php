<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

/**
 * Looks for a good plan: few steps are tried in every order (branch and bound), many by lists, each improved by working back from the
 * end and forth again, then by lists shaken with a seed. The best is kept, and never given up for a worse.
 */
final class Search
{
    /** So many steps are tried in every order. */
    private const EVERY_ORDER = 12;

    /** Then it is given up, and not called proven. */
    private const MOST_NODES = 6000;

    /** Placings of a step that a search by lists may cost. */
    private const MOST_PLACINGS = 1200;

    private const SEED = 20261;

    private Plan $best;

    private Judged $judged;

    private int $nodes = 0;

    public bool $isProven = false;

    private readonly Paths $paths;

    /** @var array<int, Work> the same work run backwards, by when it ends */
    private array $mirrors = [];

    /** @var array<string, array{0: Plan, 1: Judged}> by the order of the steps, which decides all of it */
    private array $placed = [];

    /** @var array<string, Plan> the same of the mirrors, by their end as well */
    private array $placedBack = [];

    private int $state = self::SEED;

    /** @param  list<string>|null  $standing  the order of the plan that stands: nothing worse comes out */
    private function __construct(private readonly Work $work, ?array $standing)
    {
        $this->paths = Paths::of($work);
        $this->best = Placing::forwards($work, Order::byLatest($work));
        $this->judged = Judged::of($work, $this->best);
        if ($standing !== null) {
            $this->offer(Placing::forwards($work, Order::by($work, array_flip($standing))));
        }
    }

    /**
     * @param  list<string>|null  $standing
     * @return array{0: Plan, 1: bool} and whether nothing better can be
     */
    public static function of(Work $work, ?array $standing = null, bool $isQuick = false): array
    {
        $search = new self($work, $standing);
        if (! $search->isBest() && ! $isQuick) {
            if (count($work->steps) <= self::EVERY_ORDER) {
                $search->everyOrder(new Placing($work), array_keys($work->steps));
                $search->isProven = $search->nodes < self::MOST_NODES && $work->clocks === [] && $search->judged->overMin === 0;
            } else {
                $search->byLists();
            }
        }

        return [$search->later(), $search->isProven || $search->isBest()];
    }

    /** No plan is better than the longest way, or than all hands at work all the time. */
    private function isBest(): bool
    {
        return $this->work->clocks === []
            && $this->judged->overMin === 0
            && $this->judged->pastMin <= $this->paths->pastMin($this->work)
            && $this->judged->finishMin <= $this->paths->boundMin($this->work);
    }

    private function offer(Plan $plan): Judged
    {
        $judged = Judged::of($this->work, $plan);
        if ($judged->isBetterThan($this->judged)) {
            $this->best = $plan;
            $this->judged = $judged;
        }

        return $judged;
    }

    private function byLists(): void
    {
        $tries = max(2, intdiv(self::MOST_PLACINGS, count($this->work->steps)));
        $base = array_flip(Order::byLatest($this->work));
        $this->improve($this->best, $this->judged->finishMin);
        $tried = [];
        for ($n = 1; $n < $tries && ! $this->isBest(); $n++) {
            $number = array_map(fn (int $at): float => $at + $this->shake() * count($base) / 4, $base);
            $order = Order::by($this->work, $number);
            $key = implode(',', $order);
            // Shaken a little, most orders come out as one tried before, with nothing new to gain from it.
            if (! isset($tried[$key])) {
                $tried[$key] = true;
                [$plan, $judged] = $this->placed($order);
                $this->improve($plan, $judged->finishMin);
            }
        }
    }

    private function improve(Plan $plan, int $finishMin): void
    {
        $this->placed(Order::by($this->work, $this->justified($plan, $finishMin)));
    }

    /**
     * In that order, looked at once.
     *
     * @param  list<string>  $order
     * @return array{0: Plan, 1: Judged}
     */
    private function placed(array $order): array
    {
        $key = implode(',', $order);
        if (! isset($this->placed[$key])) {
            $plan = Placing::forwards($this->work, $order);
            $this->placed[$key] = [$plan, $this->offer($plan)];
        }

        return $this->placed[$key];
    }

    /**
     * Worked back from the end: when each step would begin at the latest if the plan took no longer than it does.
     *
     * @return array<string, int>
     */
    private function justified(Plan $plan, int $finish): array
    {
        $mirror = $this->mirrors[$finish] ??= $this->mirrored($finish);
        $from = [];
        foreach ($plan->starts as $id => $start) {
            $from[$id] = $finish - $start - $this->work->steps[$id]->minutes;
        }
        $order = Order::by($mirror, $from);
        $back = $this->placedBack["{$finish}:".implode(',', $order)] ??= Placing::forwards($mirror, $order);
        $starts = [];
        foreach ($back->starts as $id => $start) {
            $starts[$id] = $finish - $start - $this->work->steps[$id]->minutes;
        }

        return $starts;
    }

    /** The same work run backwards. */
    private function mirrored(int $finish): Work
    {
        $followers = $this->work->followers;
        $steps = [];
        foreach ($this->work->steps as $id => $step) {
            $needs = array_map(fn (Need $n): Need => new Need($n->id, $n->lagMin), $followers[$id]);
            $steps[] = new Step(
                id: $id,
                minutes: $step->minutes,
                persons: $step->persons,
                skills: $step->skills,
                uses: $step->uses,
                needs: $needs,
                fromMin: $step->toMin === null ? null : max(0, $finish - $step->toMin),
                isForAll: $step->isForAll,
            );
        }

        return new Work($steps, array_map(fn (Hand $h): Hand => $h->mirrored($finish), $this->work->hands), $this->work->uses, []);
    }

    /** @param  list<string>  $waiting */
    private function everyOrder(Placing $placing, array $waiting): void
    {
        if ($waiting === []) {
            $this->offer($placing->plan());

            return;
        }
        foreach ($waiting as $id) {
            $step = $this->work->steps[$id];
            if (array_filter($step->needs, fn (Need $n): bool => in_array($n->id, $waiting, true)) !== []) {
                continue;
            }
            if (++$this->nodes >= self::MOST_NODES || $this->isBest()) {
                return;
            }
            $placing->put($step);
            $rest = array_values(array_diff($waiting, [$id]));
            if ($this->mayBeBetter($placing, $rest)) {
                $this->everyOrder($placing, $rest);
            }
            $placing->undo($step);
        }
    }

    /**
     * What the steps still to be placed cost at the very least, against the best there is.
     *
     * @param  list<string>  $rest
     */
    private function mayBeBetter(Placing $placing, array $rest): bool
    {
        $starts = $placing->plan()->starts;
        $earliest = $starts;
        $finish = $past = 0;
        foreach ($this->work->steps as $id => $step) {
            if (! isset($starts[$id])) {
                $earliest[$id] = $step->fromMin ?? 0;
                foreach ($step->needs as $need) {
                    $earliest[$id] = max($earliest[$id], $earliest[$need->id] + $this->work->steps[$need->id]->minutes + $need->lagMin);
                }
            }
            $finish = max($finish, $earliest[$id] + $step->minutes);
            $past += $step->toMin === null ? 0 : max(0, $earliest[$id] + $step->minutes - $step->toMin);
        }
        foreach ($this->work->ends as $end) {
            $past += max(0, $earliest[$end->step] + $this->work->steps[$end->step]->minutes - $end->atMin);
        }

        return $past < $this->judged->pastMin
            || ($past === $this->judged->pastMin
                && ($this->work->clocks !== [] || $this->judged->overMin > 0 || $finish < $this->judged->finishMin));
    }

    /** Steps that start a clock, or must not lie waiting, begin as late as they may: nothing else is moved. */
    private function later(): Plan
    {
        $late = array_column(array_map(fn (Clock $c): array => ['id' => $c->from], $this->work->clocks), 'id');
        foreach ($this->work->steps as $step) {
            foreach ($step->needs as $need) {
                $late = $need->maxLagMin === null ? $late : [...$late, $need->id];
            }
        }
        $late = array_values(array_unique($late));
        if ($late === []) {
            return $this->best;
        }
        $starts = $this->best->starts;
        arsort($starts);
        $placing = Placing::standing($this->work, $this->best);
        $followers = $this->work->followers;
        foreach (array_keys($starts) as $id) {
            if (in_array($id, $late, true) && $followers[$id] !== []) {
                $placing->putLater($this->work->steps[$id], $this->latestStart($placing, $id, $followers[$id]));
            }
        }
        $this->offer($placing->plan());

        return $this->best;
    }

    /** @param  non-empty-list<Need>  $followers */
    private function latestStart(Placing $placing, string $id, array $followers): int
    {
        $latest = PHP_INT_MAX;
        foreach ($followers as $next) {
            $latest = min($latest, $placing->startOf($next->id) - $next->lagMin);
        }

        return min($latest, $this->work->steps[$id]->toMin ?? PHP_INT_MAX) - $this->work->steps[$id]->minutes;
    }

    /** A number from −1 to 1, the same for the same work on any machine. */
    private function shake(): float
    {
        $this->state = ($this->state * 16807) % 2147483647;

        return (2 * $this->state) / 2147483647 - 1;
    }
}
