<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Measures;

use Velbrin\Core\Measure\OutOfRange;

/**
 * The measures that leave the least yearly loss within a budget, each set judged by the system it would make, not by factors (R-31, R-63).
 * A hazard is worked out once for each choice among the measures that touch it. Exact to 20 measures by branch and bound; beyond that
 * from singles and pairs by exchange, with the gap that is left.
 */
final class BestSet
{
    public const MOST_EXACT = 20;

    /** Losses nearer than this are equal; the cheaper set stands. */
    private const SAME = 1e-9;

    /** Measures that touch one hazard, tried in every choice for the bound; more are bounded by the least anybody found. */
    private const MOST_TOUCHING = 12;

    /** @var list<Option> priced and within the budget, the cheapest first */
    private array $options;

    /** @var array<string, float> by hazard and choice */
    private array $known = [];

    /** @var array<string, float> the least a hazard can be left with, by hazard and what is fixed */
    private array $least = [];

    /** @var array{0: float, 1: int, 2: list<string>} */
    private array $best = [INF, PHP_INT_MAX, []];

    /**
     * @param  list<string>  $hazards
     * @param  list<Option>  $options
     * @param  \Closure(string, list<string>): float  $lossOf  yearly loss of a hazard under those measures
     */
    private function __construct(
        private readonly array $hazards,
        array $options,
        private readonly int $budgetMinor,
        private readonly \Closure $lossOf,
    ) {
        $priced = array_filter(
            $options,
            fn (Option $o): bool => $o->priceMinor !== null && $o->priceMinor <= $budgetMinor,
        );
        usort($priced, fn (Option $a, Option $b): int => [$a->priceMinor, $a->id] <=> [$b->priceMinor, $b->id]);
        $this->options = $priced;
    }

    /**
     * @param  list<string>  $hazards
     * @param  list<Option>  $options
     * @param  \Closure(string, list<string>): float  $lossOf
     *
     * @throws OutOfRange for a budget below nothing
     */
    public static function of(array $hazards, array $options, int $budgetMinor, \Closure $lossOf): Chosen
    {
        if ($budgetMinor < 0) {
            throw OutOfRange::number('budgetMinor', (float) $budgetMinor, 'at least 0');
        }
        $search = new self($hazards, $options, $budgetMinor, $lossOf);
        $isExact = count($search->options) <= self::MOST_EXACT;
        if ($isExact) {
            $search->branch(0, [], 0);
        } else {
            $search->exchange();
        }
        [$yearly, $cost, $ids] = $search->best;
        $gap = $isExact ? 0.0 : max(0.0, $yearly - $search->bound(0, []));

        return new Chosen($ids, $cost, $yearly, $gap);
    }

    /**
     * What more money buys: the best set at each price at which it changes (R-31).
     *
     * @param  list<string>  $hazards
     * @param  list<Option>  $options
     * @param  \Closure(string, list<string>): float  $lossOf
     * @return list<Chosen> from nothing upwards
     */
    public static function curve(array $hazards, array $options, \Closure $lossOf, int $points = 12): array
    {
        $prices = array_map(fn (Option $o): int => $o->priceMinor ?? 0, $options);
        $all = array_sum($prices);
        $curve = [self::of($hazards, $options, 0, $lossOf)];
        for ($i = 1; $i <= $points; $i++) {
            $next = self::of($hazards, $options, (int) round(($all * $i) / $points), $lossOf);
            $last = $curve[count($curve) - 1];
            if ($next->yearly < $last->yearly - self::SAME) {
                $curve[] = $next;
            }
        }

        return $curve;
    }

    /** @param  list<string>  $chosen */
    private function branch(int $next, array $chosen, int $cost): void
    {
        if ($this->isSound($chosen)) {
            $this->take($chosen, $cost);
        }
        if ($next >= count($this->options) || $this->bound($next, $chosen) > $this->best[0] + self::SAME) {
            return;
        }
        $option = $this->options[$next];
        if ($cost + (int) $option->priceMinor <= $this->budgetMinor) {
            $this->branch($next + 1, [...$chosen, $option->id], $cost + (int) $option->priceMinor);
        }
        $this->branch($next + 1, $chosen, $cost);
    }

    private function exchange(): void
    {
        $this->take([], 0);
        $ids = array_map(fn (Option $o): string => $o->id, $this->options);
        foreach ($ids as $i => $one) {
            $this->tryOut([$one]);
            foreach (array_slice($ids, $i + 1) as $other) {
                $this->tryOut([$one, $other]);
            }
        }
        do {
            $before = $this->best[0];
            $set = $this->best[2];
            foreach (array_diff($ids, $set) as $in) {
                $this->tryOut([...$set, $in]);
                foreach ($set as $i => $out) {
                    $without = array_values(array_diff($set, [$out]));
                    $this->tryOut([...$without, $in]);
                    foreach (array_slice($set, $i + 1) as $second) {
                        $this->tryOut([...array_values(array_diff($without, [$second])), $in]);
                    }
                }
            }
            foreach ($set as $out) {
                $this->tryOut(array_values(array_diff($set, [$out])));
            }
        } while ($this->best[0] < $before - self::SAME);
    }

    /** @param  list<string>  $set */
    private function tryOut(array $set): void
    {
        $cost = 0;
        foreach ($this->options as $option) {
            $cost += in_array($option->id, $set, true) ? (int) $option->priceMinor : 0;
        }
        if ($cost <= $this->budgetMinor && $this->isSound($set)) {
            $this->take($set, $cost);
        }
    }

    /** @param  list<string>  $set */
    private function isSound(array $set): bool
    {
        foreach ($this->options as $option) {
            if (! in_array($option->id, $set, true)) {
                continue;
            }
            if (array_diff($option->needs, $set) !== [] || array_intersect($option->excludes, $set) !== []) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<string>  $set */
    private function take(array $set, int $cost): void
    {
        $yearly = $this->upkeep($set);
        foreach ($this->hazards as $hazard) {
            $yearly += $this->loss($hazard, $set);
        }
        sort($set);
        [$bestYearly, $bestCost, $best] = $this->best;
        $isBetter = match (true) {
            $yearly < $bestYearly - self::SAME => true,
            $yearly > $bestYearly + self::SAME => false,
            $cost !== $bestCost => $cost < $bestCost,
            count($set) !== count($best) => count($set) < count($best),
            default => $set < $best,
        };
        if ($isBetter) {
            $this->best = [$yearly, $cost, $set];
        }
    }

    /** @param  list<string>  $set */
    private function upkeep(array $set): float
    {
        $sum = 0.0;
        foreach ($this->options as $option) {
            $sum += in_array($option->id, $set, true) ? $option->yearly : 0.0;
        }

        return $sum;
    }

    /** @param  list<string>  $set */
    private function loss(string $hazard, array $set): float
    {
        $touching = array_values(array_filter(
            $this->options,
            fn (Option $o): bool => in_array($hazard, $o->touches, true) && in_array($o->id, $set, true),
        ));
        $ids = array_map(fn (Option $o): string => $o->id, $touching);
        sort($ids);

        return $this->known["{$hazard}|".implode(',', $ids)] ??= ($this->lossOf)($hazard, $ids);
    }

    /**
     * What no set that begins so can undercut: each hazard by itself at the best choice still open, free of charge.
     *
     * @param  list<string>  $chosen
     */
    private function bound(int $next, array $chosen): float
    {
        $sum = $this->upkeep($chosen);
        $open = array_slice($this->options, $next);
        foreach ($this->hazards as $hazard) {
            $touching = array_values(
                array_map(
                    fn (Option $o): string => $o->id,
                    array_filter($open, fn (Option $o): bool => in_array($hazard, $o->touches, true)),
                ),
            );
            $sum += $this->leastOf($hazard, $chosen, $touching);
        }

        return $sum;
    }

    /**
     * @param  list<string>  $chosen
     * @param  list<string>  $open
     */
    private function leastOf(string $hazard, array $chosen, array $open): float
    {
        if (count($open) > self::MOST_TOUCHING) {
            return 0.0;
        }
        $touched = array_filter(
            $chosen,
            fn (string $id): bool => $this->touches($id, $hazard),
        );
        $key = "{$hazard}|".implode(',', $touched).'|'.implode(',', $open);
        if (isset($this->least[$key])) {
            return $this->least[$key];
        }
        $least = INF;
        for ($choice = 0; $choice < 2 ** count($open); $choice++) {
            $set = array_values($touched);
            foreach ($open as $i => $id) {
                if (($choice >> $i) & 1) {
                    $set[] = $id;
                }
            }
            $least = min($least, $this->loss($hazard, $set));
        }

        return $this->least[$key] = $least;
    }

    private function touches(string $id, string $hazard): bool
    {
        foreach ($this->options as $option) {
            if ($option->id === $id) {
                return in_array($hazard, $option->touches, true);
            }
        }

        return false;
    }
}
