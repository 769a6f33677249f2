<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

/**
 * Puts steps one after the other into the first place where everything they need is free (serial list scheduling), or, from the end
 * backwards, into the last.
 */
final class Placing
{
    /** @var array<string, list<array{0: int, 1: int}>> when each hand is busy */
    private array $busy = [];

    /** @var array<string, int> from when on each hand is free for good */
    private array $freeFrom = [];

    /** @var array<string, list<array{0: int, 1: int}>> when each thing is used */
    private array $used = [];

    /** @var array<string, int> */
    private array $starts = [];

    /** @var array<string, list<string>> */
    private array $who = [];

    /** @var list<Hand> whoever can least first, so that the others stay free */
    private readonly array $leastFirst;

    /** @var list<int> when somebody comes who is not there from the beginning */
    private readonly array $comes;

    /** Somebody is not there all day. */
    private readonly bool $haveHours;

    public function __construct(private readonly Work $work)
    {
        $comes = [];
        $haveHours = false;
        foreach ($work->hands as $hand) {
            $this->busy[$hand->id] = [];
            $this->freeFrom[$hand->id] = 0;
            $haveHours = $haveHours || $hand->fromMin !== null || $hand->untilMin !== null;
            if ($hand->fromMin !== null) {
                $comes[] = $hand->fromMin;
            }
        }
        $this->comes = $comes;
        $leastFirst = $work->hands;
        usort($leastFirst, fn (Hand $a, Hand $b): int => count($a->skills) <=> count($b->skills));
        $this->leastFirst = $leastFirst;
        $this->haveHours = $haveHours;
        foreach ($work->uses as $use => $count) {
            $this->used[$use] = [];
        }
    }

    /**
     * @param  list<string>  $order  each after what it needs
     */
    public static function forwards(Work $work, array $order): Plan
    {
        $placing = new self($work);
        foreach ($order as $id) {
            $placing->put($work->steps[$id]);
        }

        return $placing->plan();
    }

    /** As a plan has it. */
    public static function standing(Work $work, Plan $plan): self
    {
        $placing = new self($work);
        $placing->starts = $plan->starts;
        $placing->who = $plan->hands;
        foreach ($work->steps as $id => $step) {
            $span = [$plan->starts[$id], $plan->starts[$id] + $step->minutes];
            foreach ($plan->hands[$id] as $hand) {
                $placing->busy[$hand][] = $span;
                $placing->freeFrom[$hand] = max($placing->freeFrom[$hand], $span[1]);
            }
            foreach ($step->uses as $use) {
                $placing->used[$use][] = $span;
            }
        }

        return $placing;
    }

    public function plan(): Plan
    {
        return new Plan($this->starts, $this->who);
    }

    /** @return int where it begins */
    public function put(Step $step): int
    {
        $from = $step->fromMin ?? 0;
        foreach ($step->needs as $need) {
            $from = max($from, $this->starts[$need->id] + $this->work->steps[$need->id]->minutes + $need->lagMin);
        }
        [$at, $who] = $this->firstFree($step, $from);
        $this->take($step, $at, $who);

        return $at;
    }

    /** Takes a step out and puts it as late as it may begin without moving anything. */
    public function putLater(Step $step, int $latest): void
    {
        $was = $this->starts[$step->id];
        $this->release($step, $was);
        $who = null;
        for ($at = $latest; $at > $was; $at--) {
            $who = $this->hasThings($step, $at) ? $this->hands($step, $at, $this->haveHours) : null;
            if ($who !== null) {
                break;
            }
        }
        $this->take($step, $at, $who ?? $this->whoever($step, $at));
    }

    public function startOf(string $id): int
    {
        return $this->starts[$id];
    }

    /** Takes the last step out again. */
    public function undo(Step $step): void
    {
        $this->release($step, $this->starts[$step->id]);
        unset($this->starts[$step->id], $this->who[$step->id]);
    }

    /** @return array{0: int, 1: list<string>} when it begins, and who does it */
    private function firstFree(Step $step, int $from): array
    {
        $who = $this->hasThings($step, $from) ? $this->hands($step, $from, $this->haveHours) : null;
        if ($who !== null) {
            return [$from, $who];
        }
        $moments = $this->moments($step, $from);
        // Within the hours they are there; where nobody’s suffice, as if they stayed: whoever plans the day is told so.
        foreach ($this->haveHours ? [true, false] : [false] as $isWithinHours) {
            foreach ($moments as $at) {
                $who = $this->hasThings($step, $at) ? $this->hands($step, $at, $isWithinHours) : null;
                if ($who !== null) {
                    return [$at, $who];
                }
            }
        }

        return [$from, $this->whoever($step, $from)];
    }

    /** @return list<string> those who do it then, within their hours where that suffices */
    private function whoever(Step $step, int $at): array
    {
        return $this->hands($step, $at, $this->haveHours) ?? $this->hands($step, $at, false) ?? [];
    }

    /** @return list<int> when it could begin: once a hand or a thing is free again, and when somebody comes; rising */
    private function moments(Step $step, int $from): array
    {
        $moments = [$from => $from];
        foreach ($step->persons > 0 ? $this->busy : [] as $taken) {
            foreach ($taken as [, $until]) {
                if ($until > $from) {
                    $moments[$until] = $until;
                }
            }
        }
        foreach ($this->comes as $comes) {
            if ($comes > $from) {
                $moments[$comes] = $comes;
            }
        }
        foreach ($step->uses as $use) {
            foreach ($this->used[$use] as [, $until]) {
                if ($until > $from) {
                    $moments[$until] = $until;
                }
            }
        }
        sort($moments);

        return $moments;
    }

    private function hasThings(Step $step, int $at): bool
    {
        foreach ($step->uses as $use) {
            $together = 0;
            foreach ($this->used[$use] as [$from, $until]) {
                $together += $from < $at + $step->minutes && $until > $at ? 1 : 0;
            }
            if ($together >= $this->work->uses[$use]) {
                return false;
            }
        }

        return true;
    }

    /**
     * Those who do it then: each skill by somebody, and of the rest those who can least, so that the others stay free.
     *
     * @return list<string>|null null: not enough of them are free
     */
    private function hands(Step $step, int $at, bool $isWithinHours): ?array
    {
        if ($step->persons === 0) {
            return [];
        }
        $free = [];
        $until = $at + $step->minutes;
        $mayLack = count($this->work->hands) - $step->persons;
        if ($mayLack < 0) {
            return null;
        }
        foreach ($this->work->hands as $hand) {
            $isAway = $isWithinHours && ! $hand->isThere($at, $until);
            if (! $isAway && ! $this->isBusy($hand->id, $at, $until)) {
                $free[$hand->id] = $hand;
            } elseif ($mayLack-- <= 0) {
                return null;
            }
        }
        if ($step->isForAll) {
            return $this->everybody($step, $free, $at, $isWithinHours);
        }
        $chosen = [];
        foreach ($step->skills as $skill) {
            if (self::haveSkill($chosen, $skill)) {
                continue;
            }
            $one = $this->leastAble($free, $chosen, $skill);
            if ($one === null || count($chosen) >= $step->persons) {
                return null;
            }
            $chosen[$one->id] = $one;
        }
        foreach ($this->leastFirst as $hand) {
            if (count($chosen) >= $step->persons) {
                break;
            }
            if (isset($free[$hand->id])) {
                $chosen[$hand->id] = $hand;
            }
        }

        return array_keys($chosen);
    }

    /**
     * All who are there then; null while one of them is busy.
     *
     * @param  array<string, Hand>  $free
     * @return list<string>|null
     */
    private function everybody(Step $step, array $free, int $at, bool $isWithinHours): ?array
    {
        foreach ($this->work->hands as $hand) {
            $isThere = ! $isWithinHours || $hand->isThere($at, $at + $step->minutes);
            if ($isThere && ! isset($free[$hand->id])) {
                return null;
            }
        }

        return self::can($step, $free) ? array_keys($free) : null;
    }

    /** @param  array<string, Hand>  $hands */
    private static function can(Step $step, array $hands): bool
    {
        foreach ($step->skills as $skill) {
            if (! self::haveSkill($hands, $skill)) {
                return false;
            }
        }

        return true;
    }

    /** @param  array<string, Hand>  $hands */
    private static function haveSkill(array $hands, string $skill): bool
    {
        foreach ($hands as $hand) {
            if ($hand->has($skill)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<string, Hand>  $free
     * @param  array<string, Hand>  $chosen
     */
    private function leastAble(array $free, array $chosen, string $skill): ?Hand
    {
        foreach ($this->leastFirst as $hand) {
            if (isset($free[$hand->id]) && ! isset($chosen[$hand->id]) && $hand->has($skill)) {
                return $hand;
            }
        }

        return null;
    }

    /** What was given to a hand last is looked at first: steps are placed much in the order of the day. */
    private function isBusy(string $hand, int $from, int $until): bool
    {
        if ($this->freeFrom[$hand] <= $from) {
            return false;
        }
        $taken = $this->busy[$hand];
        for ($n = count($taken) - 1; $n >= 0; $n--) {
            if ($taken[$n][0] < $until && $taken[$n][1] > $from) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<string>  $who */
    private function take(Step $step, int $at, array $who): void
    {
        $this->starts[$step->id] = $at;
        $this->who[$step->id] = $who;
        $until = $at + $step->minutes;
        foreach ($who as $hand) {
            $this->busy[$hand][] = [$at, $until];
            if ($this->freeFrom[$hand] < $until) {
                $this->freeFrom[$hand] = $until;
            }
        }
        foreach ($step->uses as $use) {
            $this->used[$use][] = [$at, $until];
        }
    }

    private function release(Step $step, int $at): void
    {
        $span = [$at, $at + $step->minutes];
        foreach ($this->who[$step->id] as $hand) {
            $this->busy[$hand] = self::less($this->busy[$hand], $span);
            $this->freeFrom[$hand] = max([0, ...array_column($this->busy[$hand], 1)]);
        }
        foreach ($step->uses as $use) {
            $this->used[$use] = self::less($this->used[$use], $span);
        }
    }

    /**
     * @param  list<array{0: int, 1: int}>  $spans
     * @param  array{0: int, 1: int}  $one
     * @return list<array{0: int, 1: int}>
     */
    private static function less(array $spans, array $one): array
    {
        $at = array_search($one, $spans, true);
        if ($at !== false) {
            array_splice($spans, (int) $at, 1);
        }

        return $spans;
    }
}
