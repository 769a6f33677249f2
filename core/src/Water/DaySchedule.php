<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

/**
 * A station's batches in time. The RO tank, the plant's rate, the watts that one vessel takes at a time, and the vessels hold
 * together (W-67). As late as possible; where that would begin before now or the tank cannot hold what is asked, as soon as possible.
 */
final readonly class DaySchedule
{
    private const SAME_H = 1e-9;

    private const SAME_L = 1e-6;

    /**
     * @param  list<Batch>  $batches  in the order they are filled
     * @param  array<string, float>  $lateH  hours by need
     */
    private function __construct(
        public array $batches,
        public float $makeL,
        public ?float $roFromH,
        public ?float $roToH,
        public array $lateH,
    ) {
    }

    /**
     * @param  list<Batch>  $batches  not yet placed
     * @param  list<Need>  $needs
     * @param  float  $freeRoL  RO water standing beyond its reserve
     */
    public static function of(Station $station, array $batches, array $needs, float $freeRoL): self
    {
        $mixed = array_sum(array_map(fn (Batch $b): float => $b->litres, $batches));
        $plain = array_sum(array_map(fn (Need $n): float => $n->mix === null ? $n->litres : 0.0, $needs));
        $makeL = max(0.0, $mixed + $plain - $freeRoL);
        $placed = self::backwards($station, $batches);
        $draws = self::draws($station, $placed, $needs);
        $start = self::roStart($station, $draws, $freeRoL);
        $fills = array_map(fn (Batch $b): float => $b->fillAtH, $placed);
        $first = min([INF, ...$fills, ...$start === null ? [] : [$start - $station->flushH]]);
        $tankHolds = $start === null || self::runs($station, $draws, $freeRoL, $start, $makeL) !== null;
        if ($first >= -self::SAME_H && $tankHolds) {
            $to = $start === null ? null : self::runs($station, $draws, $freeRoL, $start, $makeL);

            return new self($placed, $makeL, $start, $to, []);
        }

        return self::forwards($station, $batches, $needs, $freeRoL, $makeL);
    }

    /**
     * Each batch as late as its loading, its vessel's next filling and the heater's next work allow.
     *
     * @param  list<Batch>  $batches
     * @return list<Batch>
     */
    private static function backwards(Station $station, array $batches): array
    {
        usort($batches, fn (Batch $a, Batch $b): int => [$b->loadAtH, $b->litres] <=> [$a->loadAtH, $a->litres]);
        $next = array_fill(0, count($station->vesselsL), INF);
        $heaterNext = INF;
        $placed = [];
        foreach ($batches as $batch) {
            $vessel = self::vessel(
                $station,
                $batch,
                fn (int $v): float => -min($batch->loadAtH, $next[$v] - $station->loadH),
            );
            // A vessel is empty again when what was in it has been drawn off for the van.
            $testAt = min($batch->loadAtH, $next[$vessel] - $station->loadH) - $station->testH;
            $heatTo = $batch->heatH > 0 ? min($testAt, $heaterNext) : $testAt;
            $heatFrom = $heatTo - $batch->heatH;
            $mixAt = min($testAt - $batch->mix->usableFromH, $heatFrom);
            $fillAt = $mixAt - self::fillH($station, $batch->litres);
            $placed[] = $batch->at($vessel, $fillAt, $mixAt, $heatFrom, $testAt, $station->testH);
            $next[$vessel] = $fillAt;
            $heaterNext = $batch->heatH > 0 ? $heatFrom : $heaterNext;
        }

        return self::inOrder($placed);
    }

    /**
     * Everything as soon as RO water, a vessel and the heater are there, the earliest departure first.
     *
     * @param  list<Batch>  $batches
     * @param  list<Need>  $needs
     */
    private static function forwards(Station $station, array $batches, array $needs, float $freeRoL, float $makeL): self
    {
        $tank = new RoTank($station, $freeRoL);
        $vesselFree = array_fill(0, count($station->vesselsL), 0.0);
        $heaterFree = 0.0;
        $placed = $roReady = [];
        foreach (self::byLoading($station, $batches, $needs) as $what) {
            if ($what instanceof Need) {
                $roReady[$what->key] = $tank->draw($what->litres, 0.0, 0.0);

                continue;
            }
            $vessel = self::vessel($station, $what, fn (int $v): float => $vesselFree[$v]);
            $fillAt = $tank->readyFor($what->litres, $vesselFree[$vessel]);
            $mixAt = $tank->draw($what->litres, $fillAt, $station->fillH);
            $heatFrom = $what->heatH > 0 ? max($mixAt, $heaterFree) : $mixAt;
            $testAt = max($mixAt + $what->mix->usableFromH, $heatFrom + $what->heatH);
            $at = $what->at($vessel, $fillAt, $mixAt, $heatFrom, $testAt, $station->testH);
            $placed[] = $at;
            $vesselFree[$vessel] = $at->readyAtH + $station->loadH;
            $heaterFree = $what->heatH > 0 ? $heatFrom + $what->heatH : $heaterFree;
        }
        $from = $makeL > 0 ? $station->flushH : null;

        $to = $from === null ? null : max($from + $makeL / $station->roLh(), $tank->lastDrawH);

        return new self(self::inOrder($placed), $makeL, $from, $to, self::late($station, $placed, $needs, $roReady));
    }

    /**
     * @param  list<Batch>  $batches
     * @param  list<Need>  $needs
     * @return list<Batch|Need> batches and plain RO water, by loading
     */
    private static function byLoading(Station $station, array $batches, array $needs): array
    {
        $all = [...$batches, ...array_filter($needs, fn (Need $n): bool => $n->mix === null && $n->litres > 0)];
        $at = fn (Batch|Need $x): float => $x instanceof Batch ? $x->loadAtH : $x->departH - $station->loadH;
        usort($all, fn (Batch|Need $a, Batch|Need $b): int => $at($a) <=> $at($b));

        return $all;
    }

    /** @param  callable(int): float  $free  the smaller, the better */
    private static function vessel(Station $station, Batch $batch, callable $free): int
    {
        $best = null;
        foreach ($station->vesselsL as $v => $size) {
            if ($size + self::SAME_L >= $batch->litres && ($best === null || $free($v) < $free($best))) {
                $best = $v;
            }
        }

        return $best ?? (int) array_search($station->largestL(), $station->vesselsL, true);
    }

    /** More than the RO tank holds runs in as it is made. */
    private static function fillH(Station $station, float $litres): float
    {
        return max($station->fillH, ($litres - $station->roTankL) / $station->roLh());
    }

    /**
     * @param  list<Batch>  $batches
     * @param  list<Need>  $needs
     * @return list<array{0: float, 1: float}> when RO water must stand in the tank, and how much
     */
    private static function draws(Station $station, array $batches, array $needs): array
    {
        $draws = [];
        foreach ($batches as $batch) {
            $stands = min($batch->litres, $station->roTankL);
            $draws[] = [$batch->fillAtH, $stands];
            $draws[] = [$batch->mixAtH, $batch->litres - $stands];
        }
        foreach ($needs as $need) {
            if ($need->mix === null && $need->litres > 0) {
                $draws[] = [$need->departH - $station->loadH, $need->litres];
            }
        }
        usort($draws, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $draws;
    }

    /**
     * The latest start of the run that never lets a draw wait; null when the standing water is enough.
     *
     * @param  list<array{0: float, 1: float}>  $draws  by time
     */
    private static function roStart(Station $station, array $draws, float $freeL): ?float
    {
        $start = null;
        $drawn = 0.0;
        foreach ($draws as [$at, $litres]) {
            $drawn += $litres;
            if ($drawn > $freeL + self::SAME_L) {
                $start = min($start ?? INF, $at - ($drawn - $freeL) / $station->roLh());
            }
        }

        return $start;
    }

    /**
     * When the run that begins there has made what is to be made; null when the tank, full, would have stopped it and a draw waits.
     *
     * @param  list<array{0: float, 1: float}>  $draws  by time
     */
    private static function runs(Station $station, array $draws, float $freeL, float $startH, float $makeL): ?float
    {
        $level = $freeL;
        $made = 0.0;
        $clock = $startH;
        $to = $startH;
        foreach ($draws as [$at, $litres]) {
            $room = max(0.0, $station->roTankL - $level);
            $add = max(0.0, min($room, $station->roLh() * max(0.0, $at - $clock), $makeL - $made));
            $to = $add > 0 ? max($clock, $startH) + $add / $station->roLh() : $to;
            $made += $add;
            $level += $add - $litres;
            $clock = max($clock, $at);
            if ($level < -self::SAME_L) {
                return null;
            }
        }

        return $to;
    }

    /**
     * @param  list<Batch>  $batches
     * @param  list<Need>  $needs
     * @param  array<string, float>  $roReady
     * @return array<string, float>
     */
    private static function late(Station $station, array $batches, array $needs, array $roReady): array
    {
        $late = [];
        foreach ($needs as $need) {
            $its = array_filter($batches, fn (Batch $b): bool => isset($b->for[$need->key]));
            $ready =
                $roReady[$need->key] ??
                max([0.0, ...array_map(fn (Batch $b): float => $b->readyAtH, array_values($its))]);
            $over = $ready + $station->loadH - $need->departH;
            if ($ready > 0 && $need->litres > 0 && $over > self::SAME_H) {
                $late[$need->key] = $over;
            }
        }

        return $late;
    }

    /**
     * @param  list<Batch>  $batches
     * @return list<Batch>
     */
    private static function inOrder(array $batches): array
    {
        usort($batches, fn (Batch $a, Batch $b): int => [$a->fillAtH, $a->vessel] <=> [$b->fillAtH, $b->vessel]);

        return $batches;
    }
}
