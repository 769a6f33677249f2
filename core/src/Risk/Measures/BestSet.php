<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Measures;

use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Phrase;

/**
 * The measures that leave the least yearly loss within a budget, each set judged by the system it would make, not by factors (R-31, R-63).
 * A hazard is worked out once for each choice among the measures that touch it. Exact to 20 measures: every set where there are few,
 * branch and bound beyond; above that from singles and pairs by exchange, with the gap that is left. A set is a number, a bit a measure.
 */
final class BestSet
{
    public const MOST_EXACT = 20;

    /** So many are all tried. */
    private const MOST_TRIED = 13;

    /** Losses nearer than this are equal; the cheaper set stands. */
    private const SAME = 1e-9;

    /** Measures that touch one hazard, tried in every choice for the bound; more are bounded by nothing. */
    private const MOST_TOUCHING = 12;

    /** More measures than that nobody writes down. */
    private const MOST_BITS = 48;

    /** @var list<Option> that change anything, priced and within the budget, the cheapest first */
    private readonly array $options;

    /** @var array<string, int> which measures touch a hazard */
    private readonly array $touching;

    /** @var array<string, array<int, float>> yearly loss by hazard and set */
    private array $known = [];

    /** @var array<string, array<int, float>> the least a hazard can be left with, by how many are decided and which are chosen */
    private array $least = [];

    private Chosen $best;

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
        $worth = array_filter(
            $options,
            fn (Option $o): bool => $o->priceMinor !== null
                && $o->priceMinor <= $budgetMinor
                && ($o->touches !== [] || self::isNeeded($o, $options)),
        );
        usort($worth, fn (Option $a, Option $b): int => [$a->priceMinor, $a->id] <=> [$b->priceMinor, $b->id]);
        $this->options = $worth;
        $touching = [];
        foreach ($hazards as $hazard) {
            $touching[$hazard] = $this->maskOf(fn (Option $o): bool => in_array($hazard, $o->touches, true));
        }
        $this->touching = $touching;
        $this->best = $this->chosen(0);
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
            throw OutOfRange::number('budgetMinor', (float) $budgetMinor, Phrase::AtLeast0);
        }
        $search = new self($hazards, $options, $budgetMinor, $lossOf);
        $count = count($search->options);
        if ($count > self::MOST_EXACT) {
            $search->exchange();
            $best = $search->best;

            return new Chosen($best->ids, $best->costMinor, $best->yearly, max(0.0, $best->yearly - $search->bound(0, 0)));
        }
        if ($count <= self::MOST_TRIED) {
            foreach ($search->sound() as $set) {
                $search->take($set);
            }
        } else {
            $search->branch(0, 0);
        }

        return $search->best;
    }

    /**
     * What more money buys: the best set at each price at which it changes (R-31); where there are too many to try them all, at steps.
     *
     * @param  list<string>  $hazards
     * @param  list<Option>  $options
     * @param  \Closure(string, list<string>): float  $lossOf
     * @return list<Chosen> from nothing upwards
     */
    public static function curve(array $hazards, array $options, \Closure $lossOf, int $steps = 12): array
    {
        $all = array_sum(array_map(fn (Option $o): int => $o->priceMinor ?? 0, $options));
        $search = new self($hazards, $options, $all, $lossOf);
        $points = [];
        if (count($search->options) <= self::MOST_TRIED) {
            $points = array_map($search->chosen(...), $search->sound());
            usort($points, fn (Chosen $a, Chosen $b): int => [$a->costMinor, $a->yearly] <=> [$b->costMinor, $b->yearly]);
        } else {
            for ($i = 0; $i <= $steps; $i++) {
                $points[] = self::of($hazards, $options, (int) round(($all * $i) / $steps), $lossOf);
            }
        }
        $curve = [];
        foreach ($points as $point) {
            $last = $curve[count($curve) - 1] ?? null;
            if ($last === null || $point->yearly < $last->yearly - self::SAME) {
                $curve[] = $point;
            }
        }

        return $curve;
    }

    /** @param  list<Option>  $options  something else makes sense only with it */
    private static function isNeeded(Option $option, array $options): bool
    {
        foreach ($options as $other) {
            if (in_array($option->id, $other->needs, true)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<int> every set within the budget that may stand together */
    private function sound(): array
    {
        $sets = [];
        for ($set = 0; $set < 1 << count($this->options); $set++) {
            if ($this->isSound($set) && $this->costOf($set) <= $this->budgetMinor) {
                $sets[] = $set;
            }
        }

        return $sets;
    }

    private function branch(int $next, int $set): void
    {
        if ($this->isSound($set)) {
            $this->take($set);
        }
        if ($next >= count($this->options) || $this->bound($next, $set) > $this->best->yearly + self::SAME) {
            return;
        }
        $with = $set | (1 << $next);
        if ($this->costOf($with) <= $this->budgetMinor) {
            $this->branch($next + 1, $with);
        }
        $this->branch($next + 1, $set);
    }

    private function exchange(): void
    {
        $count = count($this->options);
        for ($i = 0; $i < $count; $i++) {
            $this->tryOut(1 << $i);
            for ($j = $i + 1; $j < $count; $j++) {
                $this->tryOut((1 << $i) | (1 << $j));
            }
        }
        do {
            $before = $this->best->yearly;
            $set = $this->maskOf(fn (Option $o): bool => in_array($o->id, $this->best->ids, true));
            for ($in = 0; $in < $count; $in++) {
                $this->tryOut($set ^ (1 << $in));
                for ($out = 0; $out < $count; $out++) {
                    if (! (($set >> $out) & 1) || (($set >> $in) & 1)) {
                        continue;
                    }
                    $swapped = ($set & ~(1 << $out)) | (1 << $in);
                    $this->tryOut($swapped);
                    for ($second = $out + 1; $second < $count; $second++) {
                        $this->tryOut($swapped & ~(1 << $second));
                    }
                }
            }
        } while ($this->best->yearly < $before - self::SAME);
    }

    private function tryOut(int $set): void
    {
        if ($this->costOf($set) <= $this->budgetMinor && $this->isSound($set)) {
            $this->take($set);
        }
    }

    private function isSound(int $set): bool
    {
        $ids = $this->idsOf($set);
        foreach ($this->options as $i => $option) {
            if (! (($set >> $i) & 1)) {
                continue;
            }
            if (array_diff($option->needs, $ids) !== [] || array_intersect($option->excludes, $ids) !== []) {
                return false;
            }
        }

        return true;
    }

    private function take(int $set): void
    {
        $yearly = $this->yearlyOf($set);
        $cost = $this->costOf($set);
        $ids = $this->idsOf($set);
        $best = $this->best;
        $isBetter = match (true) {
            $yearly < $best->yearly - self::SAME => true,
            $yearly > $best->yearly + self::SAME => false,
            $cost !== $best->costMinor => $cost < $best->costMinor,
            count($ids) !== count($best->ids) => count($ids) < count($best->ids),
            default => $ids < $best->ids,
        };
        if ($isBetter) {
            $this->best = new Chosen($ids, $cost, $yearly, 0.0);
        }
    }

    private function chosen(int $set): Chosen
    {
        return new Chosen($this->idsOf($set), $this->costOf($set), $this->yearlyOf($set), 0.0);
    }

    private function yearlyOf(int $set): float
    {
        $yearly = 0.0;
        foreach ($this->options as $i => $option) {
            $yearly += (($set >> $i) & 1) ? $option->yearly : 0.0;
        }
        foreach ($this->hazards as $hazard) {
            $yearly += $this->loss($hazard, $set);
        }

        return $yearly;
    }

    private function costOf(int $set): int
    {
        $cost = 0;
        foreach ($this->options as $i => $option) {
            $cost += (($set >> $i) & 1) ? (int) $option->priceMinor : 0;
        }

        return $cost;
    }

    private function loss(string $hazard, int $set): float
    {
        $mine = $set & $this->touching[$hazard];

        return $this->known[$hazard][$mine] ??= ($this->lossOf)($hazard, $this->idsOf($mine));
    }

    /** What no set that begins so can undercut: each hazard by itself at the best choice still open, free of charge. */
    private function bound(int $next, int $set): float
    {
        $sum = 0.0;
        foreach ($this->options as $i => $option) {
            $sum += (($set >> $i) & 1) ? $option->yearly : 0.0;
        }
        foreach ($this->hazards as $hazard) {
            $open = $this->touching[$hazard] & ~((1 << $next) - 1);
            $sum += $this->leastOf($hazard, $next, $set & $this->touching[$hazard], $open);
        }

        return $sum;
    }

    private function leastOf(string $hazard, int $next, int $chosen, int $open): float
    {
        if (substr_count(decbin($open), '1') > self::MOST_TOUCHING) {
            return 0.0;
        }
        $key = ($next << self::MOST_BITS) | $chosen;
        if (isset($this->least[$hazard][$key])) {
            return $this->least[$hazard][$key];
        }
        $least = INF;
        // Every choice among the open ones, from all of them down to none.
        for ($some = $open; ; $some = ($some - 1) & $open) {
            $least = min($least, $this->loss($hazard, $chosen | $some));
            if ($some === 0) {
                break;
            }
        }

        return $this->least[$hazard][$key] = $least;
    }

    /** @return list<string> sorted */
    private function idsOf(int $set): array
    {
        $ids = [];
        foreach ($this->options as $i => $option) {
            if (($set >> $i) & 1) {
                $ids[] = $option->id;
            }
        }
        sort($ids);

        return $ids;
    }

    /** @param  callable(Option): bool  $is */
    private function maskOf(callable $is): int
    {
        $mask = 0;
        foreach ($this->options as $i => $option) {
            $mask |= $is($option) ? 1 << $i : 0;
        }

        return $mask;
    }
}
