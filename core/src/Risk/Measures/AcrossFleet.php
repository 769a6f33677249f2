<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Measures;

use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Phrase;

/**
 * One budget for many systems (R-31): of each system's curve of best sets the steps that lie on its hull are taken, whichever saves most
 * for its money first. Steps of one system come in their order. What is left of the budget bounds what any other choice could save more.
 */
final readonly class AcrossFleet
{
    /**
     * @param  array<string, int>  $points  which point of its curve each system is taken to; those left as they are have none
     * @param  float  $gap  no other choice saves more than so much beyond
     */
    private function __construct(public array $points, public int $costMinor, public float $saved, public float $gap)
    {
    }

    /**
     * @param  array<string, list<Chosen>>  $curves  by system, from nothing upwards ({@see BestSet::curve()})
     *
     * @throws OutOfRange for a budget below nothing
     */
    public static function of(array $curves, int $budgetMinor): self
    {
        if ($budgetMinor < 0) {
            throw OutOfRange::number('budgetMinor', (float) $budgetMinor, Phrase::AtLeast0);
        }
        $steps = [];
        foreach ($curves as $system => $curve) {
            array_push($steps, ...self::steps((string) $system, $curve));
        }
        usort($steps, fn (array $a, array $b): int => [$b['slope'], $a['system'], $a['from']] <=> [$a['slope'], $b['system'], $b['from']]);
        $points = [];
        $cost = 0;
        $saved = 0.0;
        $missed = null;
        foreach ($steps as $step) {
            if (($points[$step['system']] ?? 0) !== $step['from']) {
                continue;
            }
            if ($cost + $step['cost'] > $budgetMinor) {
                // The best that no longer fits: nothing saves more for the money that is left than a part of it.
                $missed ??= [$step['slope'], $budgetMinor - $cost, $saved];

                continue;
            }
            $points[$step['system']] = $step['to'];
            $cost += $step['cost'];
            $saved += $step['saves'];
        }
        $gap = $missed === null ? 0.0 : max(0.0, $missed[2] + $missed[0] * $missed[1] - $saved);

        return new self($points, $cost, $saved, $gap);
    }

    /**
     * From point to point of the curve's hull, each step saving less for its money than the one before.
     *
     * @param  list<Chosen>  $curve
     * @return list<array{system: string, from: int, to: int, cost: int, saves: float, slope: float}>
     */
    private static function steps(string $system, array $curve): array
    {
        $steps = [];
        $at = 0;
        while ($at < count($curve) - 1) {
            $best = null;
            for ($to = $at + 1; $to < count($curve); $to++) {
                $cost = $curve[$to]->costMinor - $curve[$at]->costMinor;
                $saves = $curve[$at]->yearly - $curve[$to]->yearly;
                $slope = $cost > 0 ? $saves / $cost : INF;
                if ($best === null || $slope >= $best['slope']) {
                    $best = ['system' => $system, 'from' => $at, 'to' => $to, 'cost' => $cost, 'saves' => $saves, 'slope' => $slope];
                }
            }
            if ($best === null || $best['saves'] <= 0) {
                break;
            }
            $steps[] = $best;
            $at = $best['to'];
        }

        return $steps;
    }
}
