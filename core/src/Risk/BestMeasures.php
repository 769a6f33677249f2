<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Measure\OutOfRange;

/**
 * The set of measures with the least yearly loss within a budget (R-31). Effects multiply, which assumes independence; a measure may
 * add more than it takes. Exact up to 20 measures: branch and bound over a yearly loss that no further measure can undercut.
 */
final class BestMeasures
{
    public const MOST = 20;

    /** Losses nearer than this are equal; the cheaper set stands. */
    private const SAME = 1e-9;

    /** @var list<Measure> */
    private array $measures;

    /** @var array{0: float, 1: float, 2: list<string>} loss, cost, ids of the best so far */
    private array $best = [INF, INF, []];

    /**
     * @param  array<string, float>  $lossOf  yearly loss by hazard, undefended
     * @param  list<Measure>  $measures
     */
    private function __construct(private readonly array $lossOf, array $measures, private readonly float $budget)
    {
        usort($measures, fn (Measure $a, Measure $b): int => $a->id <=> $b->id);
        $this->measures = $measures;
    }

    /**
     * @param  array<string, float>  $lossOf
     * @param  list<Measure>  $measures
     * @return array{chosen: list<string>, yearlyLoss: float, cost: float}
     *
     * @throws OutOfRange when there are more than can be tried, or one speaks of a hazard nobody named
     */
    public static function of(array $lossOf, array $measures, float $budget): array
    {
        if (count($measures) > self::MOST) {
            throw OutOfRange::number(
                'measures',
                count($measures),
                Phrase::AtMostMeasures,
                ['most' => (string) self::MOST],
            );
        }
        foreach ($measures as $i => $measure) {
            foreach (array_keys($measure->factors) as $hazard) {
                if (! isset($lossOf[$hazard])) {
                    throw OutOfRange::field(
                        "measures.{$i}.factors",
                        Phrase::SpeaksOfWhich,
                        Phrase::List,
                        [
                            'id' => $measure->id,
                            'hazard' => (string) $hazard,
                            'list' => implode(', ', array_keys($lossOf)),
                        ],
                    );
                }
            }
        }
        $search = new self($lossOf, $measures, $budget);
        $search->branch(0, array_fill_keys(array_keys($lossOf), 1.0), 0.0, 0.0, []);
        [$loss, $cost, $chosen] = $search->best;

        return ['chosen' => $chosen, 'yearlyLoss' => $loss, 'cost' => $cost];
    }

    /**
     * @param  array<string, float>  $left  share of each hazard that is left
     * @param  list<string>  $chosen
     */
    private function branch(int $next, array $left, float $added, float $cost, array $chosen): void
    {
        $this->take($this->loss($left) + $added, $cost, $chosen);
        if ($next >= count($this->measures) || $this->bound($next, $left) + $added > $this->best[0] + self::SAME) {
            return;
        }
        $measure = $this->measures[$next];
        if ($cost + $measure->cost <= $this->budget) {
            $with = $left;
            foreach ($measure->factors as $hazard => $factor) {
                $with[$hazard] *= $factor;
            }
            $this->branch($next + 1, $with, $added + $measure->addsLoss, $cost + $measure->cost, [
                ...$chosen,
                $measure->id,
            ]);
        }
        $this->branch($next + 1, $left, $added, $cost, $chosen);
    }

    /** @param  list<string>  $chosen */
    private function take(float $loss, float $cost, array $chosen): void
    {
        [$bestLoss, $bestCost, $best] = $this->best;
        $isBetter = match (true) {
            $loss < $bestLoss - self::SAME => true,
            $loss > $bestLoss + self::SAME => false,
            $cost !== $bestCost => $cost < $bestCost,
            count($chosen) !== count($best) => count($chosen) < count($best),
            default => $chosen < $best,
        };
        if ($isBetter) {
            $this->best = [$loss, $cost, $chosen];
        }
    }

    /** @param  array<string, float>  $left */
    private function loss(array $left): float
    {
        $loss = 0.0;
        foreach ($this->lossOf as $hazard => $full) {
            $loss += $full * $left[$hazard];
        }

        return $loss;
    }

    /**
     * Every measure still open that helps a hazard, taken for it free of charge and without what it adds.
     *
     * @param  array<string, float>  $left
     */
    private function bound(int $next, array $left): float
    {
        foreach (array_slice($this->measures, $next) as $measure) {
            foreach ($measure->factors as $hazard => $factor) {
                $left[$hazard] *= min(1.0, $factor);
            }
        }

        return $this->loss($left);
    }
}
