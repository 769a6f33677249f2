<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * One store and everything promised from it: each litre once, the first promise first (W-55, W-66, X-15). A batch counts for a promise
 * only while it is in date when that one is kept.
 */
final readonly class Ledger
{
    private const SAME_L = 1e-9;

    /**
     * @param  array<string, float>  $coveredL  by promise
     * @param  array<string, float>  $lacksL  by promise; none where it is covered
     * @param  list<MixedStock>  $left  what nobody was promised
     */
    private function __construct(public array $coveredL, public array $lacksL, public array $left)
    {
    }

    /**
     * @param  list<MixedStock>  $stock  ready, measured
     * @param  list<Promise>  $promises  the first to be kept first; labels differ
     *
     * @throws OutOfRange
     */
    public static function of(array $stock, array $promises): self
    {
        $covered = $lacks = [];
        foreach ($promises as $promise) {
            $open = Guard::notNegative('litres', $promise->litres);
            foreach (self::inTurn($stock, $promise) as $i) {
                $take = min($open, $stock[$i]->litres);
                $stock[$i] = $stock[$i]->less($take);
                $open -= $take;
            }
            $covered[$promise->label] = $promise->litres - $open;
            if ($open > self::SAME_L) {
                $lacks[$promise->label] = $open;
            }
        }

        return new self(
            $covered,
            $lacks,
            array_values(array_filter($stock, fn (MixedStock $s): bool => $s->litres > self::SAME_L)),
        );
    }

    /**
     * @param  array<int, MixedStock>  $stock
     * @return list<int> the lots that serve it: what runs out first goes first, but an emergency keeps what lasts
     */
    private static function inTurn(array $stock, Promise $promise): array
    {
        $at = $promise->atH ?? 0.0;
        $serves = fn (MixedStock $s): bool => ($promise->mix === null || $promise->mix === $s->mix) &&
            ($promise->salinity === null || abs($promise->salinity - $s->salinity) <= MixedStock::SAME_SALINITY) &&
            $s->fromH <= $at &&
            $s->untilH > $at;
        $lots = array_keys(array_filter($stock, $serves));
        $way = $promise->atH === null ? -1 : 1;
        usort($lots, fn (int $a, int $b): int => $way * ($stock[$a]->untilH <=> $stock[$b]->untilH));

        return $lots;
    }
}
