<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/**
 * A station's water back from the departures (W-54): flush, collect RO, then for each batch fill and salt, mix and heat together,
 * test, load. As late as possible; when that would begin before now, as soon as possible, and what is late says so.
 */
final readonly class WaterDay
{
    private const SAME_H = 1e-9;

    /**
     * @param  list<Batch>  $batches  in the order they are filled
     * @param  array<string, float>  $fromStock  litres by need
     * @param  array<string, float>  $lateH  hours by need that is late
     * @param  list<Finding>  $findings
     */
    private function __construct(
        public array $batches,
        public array $fromStock,
        public float $saltKg,
        /** RO water to make. */
        public float $roL,
        /** The run begins with its flush, hours from now; null when nothing is to be made. */
        public ?float $flushAtH,
        public ?float $roFromH,
        public ?float $roToH,
        public array $lateH,
        public array $findings,
    ) {
    }

    /**
     * @param  array<string, Mix>  $mixes  by key
     * @param  list<Need>  $needs
     * @param  list<MixedStock>  $stock  without the reserve
     * @param  float  $reserveSaltL  mixed water kept for emergencies, standing now
     * @param  float  $reserveRoL  RO water that stays
     *
     * @throws OutOfRange
     */
    public static function of(Station $station, array $mixes, array $needs, array $stock = [], float $reserveSaltL = 0, float $reserveRoL = 0): self
    {
        Guard::notNegative('reserveSaltL', $reserveSaltL);
        Guard::notNegative('reserveRoL', $reserveRoL);
        usort($needs, fn (Need $a, Need $b): int => $a->departH <=> $b->departH);
        foreach ($needs as $need) {
            Guard::notNegative('litres', $need->litres);
            Guard::finite('departH', $need->departH);
            if ($need->mix !== null && ! isset($mixes[$need->mix])) {
                throw OutOfRange::field('needs', "{$need->key} asks for mix {$need->mix}, which is not among the mixes", implode(', ', array_keys($mixes)));
            }
        }
        [$fromStock, $left] = self::fromStock($station, $needs, $stock);
        $batches = self::batches($station, $mixes, $needs, $left);
        $free = max(0.0, $station->roStoredL - $reserveRoL);
        $planned = self::backwards($station, $batches);
        $start = self::roStart($station, self::draws($station, $planned, $needs), $free);
        $late = min([INF, ...array_map(fn (Batch $b): float => $b->fillAtH, $planned), ...($start === null ? [] : [$start - $station->flushH])]) < -self::SAME_H;
        if ($late) {
            $planned = self::forwards($station, $batches, $free);
            $start = self::roStart($station, self::draws($station, $planned, $needs), $free) === null ? null : $station->flushH;
        }
        $total = array_sum(array_column(self::draws($station, $planned, $needs), 1));
        $make = max(0.0, $total - $free);
        $lateH = $late ? self::late($station, $planned, $needs, $free) : [];

        return new self(
            $planned, $fromStock, array_sum(array_map(fn (Batch $b): float => $b->saltKg, $planned)), $make,
            $make > 0 && $start !== null ? $start - $station->flushH : null, $make > 0 ? $start : null, $make > 0 && $start !== null ? $start + $make / $station->roLh() : null,
            $lateH, self::findings($station, $planned, $needs, $lateH, $make, $free, $reserveSaltL),
        );
    }

    /**
     * @param  list<Need>  $needs
     * @param  list<MixedStock>  $stock
     * @return array{0: array<string, float>, 1: array<string, float>} litres taken and litres left, by need
     */
    private static function fromStock(Station $station, array $needs, array $stock): array
    {
        $taken = $left = [];
        $standing = array_map(fn (MixedStock $s): float => $s->litres, $stock);
        foreach ($needs as $need) {
            $open = $need->mix === null ? 0.0 : $need->litres;
            foreach ($stock as $i => $s) {
                $take = $s->serves($need, $need->departH - $station->loadH) ? min($open, $standing[$i]) : 0.0;
                $standing[$i] -= $take;
                $open -= $take;
                if ($take > 0) {
                    $taken[$need->key] = ($taken[$need->key] ?? 0.0) + $take;
                }
            }
            $left[$need->key] = $open;
        }

        return [$taken, $left];
    }

    /**
     * Litres joined by mix and salinity up to a vessel's size, while the water stays usable to its last departure.
     *
     * @param  array<string, Mix>  $mixes
     * @param  list<Need>  $needs  by departure
     * @param  array<string, float>  $left
     * @return list<Batch> not yet placed in time
     */
    private static function batches(Station $station, array $mixes, array $needs, array $left): array
    {
        /** @var array<string, list<array{litres: float, for: array<string, float>, first: float, last: float, mix: Mix, salinity: float}>> $groups */
        $groups = [];
        $largest = $station->largestL();
        foreach ($needs as $need) {
            $litres = $left[$need->key];
            if ($need->mix === null || $litres <= 0) {
                continue;
            }
            $mix = $mixes[$need->mix];
            $group = $need->mix.'@'.round($need->salinity, 1);
            while ($litres > self::SAME_H) {
                $n = count($groups[$group] ?? []) - 1;
                $open = $groups[$group][$n] ?? null;
                $joins = $open !== null && $open['litres'] < $largest - self::SAME_H && $need->departH - $open['first'] + $station->loadH <= $mix->usableUntilH;
                $take = min($litres, $largest - ($joins ? $open['litres'] : 0.0));
                if ($joins) {
                    $groups[$group][$n] = [...$open, 'litres' => $open['litres'] + $take, 'for' => [...$open['for'], $need->key => ($open['for'][$need->key] ?? 0.0) + $take], 'last' => $need->departH];
                } else {
                    $groups[$group][] = ['litres' => $take, 'for' => [$need->key => $take], 'first' => $need->departH, 'last' => $need->departH, 'mix' => $mix, 'salinity' => $need->salinity];
                }
                $litres -= $take;
            }
        }
        $batches = [];
        foreach (array_merge(...array_values($groups)) as $b) {
            $heat = $station->targetC > $station->feedC ? TemperatureCourse::capacityWhK($b['litres']) * ($station->targetC - $station->feedC) / ($station->efficiency * $station->heatW) : 0.0;
            $batches[] = new Batch($b['mix'], $b['salinity'], $b['litres'], $b['mix']->saltKg($b['litres'], $b['salinity']), $b['for'], 0, 0, 0, 0, 0,
                $b['first'] - $station->loadH, $b['last'], max($b['mix']->usableFromH, $heat), $heat > $b['mix']->usableFromH);
        }

        return $batches;
    }

    /**
     * Each batch as late as its loading and its vessel's next filling allow.
     *
     * @param  list<Batch>  $batches
     * @return list<Batch>
     */
    private static function backwards(Station $station, array $batches): array
    {
        usort($batches, fn (Batch $a, Batch $b): int => [$b->loadAtH, $b->litres] <=> [$a->loadAtH, $a->litres]);
        $next = array_fill(0, count($station->vesselsL), INF);
        $placed = [];
        foreach ($batches as $batch) {
            $best = null;
            foreach ($station->vesselsL as $v => $size) {
                if ($size + self::SAME_H >= $batch->litres && ($best === null || min($batch->loadAtH, $next[$v] - $station->loadH) > min($batch->loadAtH, $next[$best] - $station->loadH))) {
                    $best = $v;
                }
            }
            $best ??= 0;
            // A vessel is empty again when what was in it has been drawn off for the van.
            $fill = min($batch->loadAtH, $next[$best] - $station->loadH) - $station->testH - $batch->turnH - $station->fillH;
            $placed[] = $batch->at($fill, $best, $station->fillH, $station->testH);
            $next[$best] = $fill;
        }

        return self::inOrder($placed);
    }

    /**
     * Each batch as soon as RO water and a vessel are there, the earliest departure first.
     *
     * @param  list<Batch>  $batches
     * @return list<Batch>
     */
    private static function forwards(Station $station, array $batches, float $freeRoL): array
    {
        usort($batches, fn (Batch $a, Batch $b): int => $a->loadAtH <=> $b->loadAtH);
        $free = array_fill(0, count($station->vesselsL), 0.0);
        $placed = [];
        $drawn = 0.0;
        foreach ($batches as $batch) {
            $drawn += $batch->litres;
            $collected = $drawn > $freeRoL ? $station->flushH + ($drawn - $freeRoL) / $station->roLh() : 0.0;
            $best = 0;
            foreach ($station->vesselsL as $v => $size) {
                if ($size + self::SAME_H >= $batch->litres && ($batch->litres > $station->vesselsL[$best] + self::SAME_H || $free[$v] < $free[$best])) {
                    $best = $v;
                }
            }
            $at = $batch->at(max($collected, $free[$best]), $best, $station->fillH, $station->testH);
            $placed[] = $at;
            $free[$best] = $at->readyAtH + $station->loadH;
        }

        return self::inOrder($placed);
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

    /**
     * @param  list<Batch>  $batches
     * @param  list<Need>  $needs
     * @return list<array{0: float, 1: float}> when RO water is drawn, into a vessel or plain onto a van, and how much
     */
    private static function draws(Station $station, array $batches, array $needs): array
    {
        $draws = array_map(fn (Batch $b): array => [$b->fillAtH, $b->litres], $batches);
        foreach ($needs as $need) {
            if ($need->mix === null && $need->litres > 0) {
                $draws[] = [$need->departH - $station->loadH, $need->litres];
            }
        }

        return $draws;
    }

    /**
     * The latest start of the run that never lets a draw wait; null when the standing water is enough.
     *
     * @param  list<array{0: float, 1: float}>  $events  hour and litres
     */
    private static function roStart(Station $station, array $events, float $freeL): ?float
    {
        usort($events, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $start = null;
        $drawn = 0.0;
        foreach ($events as [$at, $litres]) {
            $drawn += $litres;
            if ($drawn > $freeL + self::SAME_H) {
                $start = min($start ?? INF, $at - ($drawn - $freeL) / $station->roLh());
            }
        }

        return $start;
    }

    /**
     * @param  list<Batch>  $batches
     * @param  list<Need>  $needs
     * @return array<string, float>
     */
    private static function late(Station $station, array $batches, array $needs, float $freeL): array
    {
        $late = [];
        $drawn = array_sum(array_map(fn (Batch $b): float => $b->litres, $batches));
        foreach ($needs as $need) {
            $ready = 0.0;
            foreach ($batches as $batch) {
                $ready = isset($batch->for[$need->key]) ? max($ready, $batch->readyAtH) : $ready;
            }
            if ($need->mix === null && $need->litres > 0) {
                $drawn += $need->litres;
                $ready = $drawn > $freeL ? $station->flushH + ($drawn - $freeL) / $station->roLh() : 0.0;
            }
            $over = $ready + $station->loadH - $need->departH;
            if ($over > self::SAME_H && $need->litres > 0 && $ready > 0) {
                $late[$need->key] = $over;
            }
        }

        return $late;
    }

    /**
     * @param  list<Batch>  $batches
     * @param  list<Need>  $needs
     * @param  array<string, float>  $lateH
     * @return list<Finding>
     */
    private static function findings(Station $station, array $batches, array $needs, array $lateH, float $make, float $free, float $reserveSaltL): array
    {
        $findings = [];
        foreach ($needs as $need) {
            if (! isset($lateH[$need->key])) {
                continue;
            }
            $ro = RoOutput::litresPerDay($station->roRatedLd, $station->feedC) / 24 * $lateH[$need->key];
            $borrow = min($need->litres, $reserveSaltL);
            $parts = [
                'who' => $need->label, 'late' => Quantity::of($lateH[$need->key], Kind::Hours), 'litres' => Quantity::of($need->litres, Kind::Volume), 'fewer' => Quantity::of(min($need->litres, $ro), Kind::Volume),
                'borrow' => Quantity::of($borrow, Kind::Volume), 'left' => Quantity::of($reserveSaltL - $borrow, Kind::Volume),
            ];
            $findings[] = Finding::of(Severity::Fix, 'W-54', 'water', Sentence::of('Water for {who} is {late} late', $parts), Sentence::of('Its {litres} cannot be ready by the departure, begun now.', $parts),
                Sentence::of('Leave {late} later, or take {fewer} fewer'.($borrow > 0 && $need->mix !== null ? ', or take {borrow} from the reserve, which then holds {left}' : '').'.', $parts));
        }
        foreach ($batches as $batch) {
            if ($batch->lastDepartH - ($batch->readyAtH - $station->testH) > $batch->mix->usableUntilH + self::SAME_H && $batch->mix->usableUntilH > 0) {
                $findings[] = Finding::of(Severity::Fix, 'W-53', 'water', Sentence::of('{mix} would be older than its {hours}', ['mix' => $batch->mix->name, 'hours' => Quantity::of($batch->mix->usableUntilH, Kind::Hours)]),
                    Sentence::of('It is to be used the same day it is mixed.'), Sentence::of('Mix it after the other batches, or in a vessel of its own.'), Basis::Rated);
            }
        }
        $first = $batches[0] ?? null;
        if ($first !== null && $make > 0 && $first->litres > $station->roTankL + self::SAME_H) {
            $findings[] = Finding::of(Severity::Watch, 'W-54', 'water', Sentence::of('The RO tank holds {tank}, the first batch takes {litres}', ['tank' => Quantity::of($station->roTankL, Kind::Volume), 'litres' => Quantity::of($first->litres, Kind::Volume)]),
                Sentence::of('The vessel is filled in two goes.'), Sentence::of('Begin to fill while it still runs, and stay with it.'), Basis::Rated);
        }
        if ($findings === [] && $needs !== []) {
            $findings[] = Finding::of(Severity::Fine, 'W-54', 'water', Sentence::of('All water can be ready in time'), Sentence::of($make > 0 ? '{make} of RO water are still to be made.' : 'The RO water that stands is enough.', ['make' => Quantity::of($make, Kind::Volume)]));
        }

        return Finding::sorted($findings);
    }
}
