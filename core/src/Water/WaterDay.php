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
 * A station's water back from the departures (W-54, S-24): flush, collect RO, then for each batch fill and salt, mix and heat together,
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
    public static function of(
        Station $station,
        array $mixes,
        array $needs,
        array $stock = [],
        float $reserveSaltL = 0,
        float $reserveRoL = 0,
    ): self {
        Guard::notNegative('reserveSaltL', $reserveSaltL);
        Guard::notNegative('reserveRoL', $reserveRoL);
        usort($needs, fn (Need $a, Need $b): int => $a->departH <=> $b->departH);
        foreach ($needs as $need) {
            Guard::notNegative('litres', $need->litres);
            Guard::finite('departH', $need->departH);
            if ($need->mix !== null && ! isset($mixes[$need->mix])) {
                throw OutOfRange::field(
                    'needs',
                    Phrase::AsksForMix,
                    Phrase::List,
                    [
                        'key' => $need->key,
                        'mix' => $need->mix,
                        'list' => implode(', ', array_keys($mixes)),
                    ],
                );
            }
        }
        [$fromStock, $left] = self::fromStock($station, $needs, $stock);
        $free = max(0.0, $station->roStoredL - $reserveRoL);
        $plan = DaySchedule::of($station, self::batches($station, $mixes, $needs, $left), $needs, $free);
        $again = function (Station $other, array $asked) use ($mixes, $stock, $free): array {
            /** @var list<Need> $asked */
            usort($asked, fn (Need $a, Need $b): int => $a->departH <=> $b->departH);
            [, $open] = self::fromStock($other, $asked, $stock);

            return DaySchedule::of($other, self::batches($other, $mixes, $asked, $open), $asked, $free)->lateH;
        };
        $help = new DayHelp($station, $needs, $again, $reserveSaltL);

        return new self(
            batches: $plan->batches,
            fromStock: $fromStock,
            saltKg: array_sum(array_map(fn (Batch $b): float => $b->saltKg, $plan->batches)),
            roL: $plan->makeL,
            flushAtH: $plan->roFromH === null ? null : $plan->roFromH - $station->flushH,
            roFromH: $plan->roFromH,
            roToH: $plan->roToH,
            lateH: $plan->lateH,
            findings: self::findings($station, $plan, $needs, $help),
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
        /**
         * @var array<string, list<array{litres: float, for: array<string, float>, first: float, last: float, mix: Mix,
         *     salinity: float}>> $groups
         */
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
                $joins =
                    $open !== null &&
                    $open['litres'] < $largest - self::SAME_H &&
                    $need->departH - $open['first'] + $station->loadH <= $mix->usableUntilH;
                $take = min($litres, $largest - ($joins ? $open['litres'] : 0.0));
                if ($joins) {
                    $groups[$group][$n] = [
                        ...$open,
                        'litres' => $open['litres'] + $take,
                        'for' => [...$open['for'], $need->key => ($open['for'][$need->key] ?? 0.0) + $take],
                        'last' => $need->departH,
                    ];
                } else {
                    $groups[$group][] = [
                        'litres' => $take,
                        'for' => [$need->key => $take],
                        'first' => $need->departH,
                        'last' => $need->departH,
                        'mix' => $mix,
                        'salinity' => $need->salinity,
                    ];
                }
                $litres -= $take;
            }
        }
        $batches = [];
        foreach (array_merge(...array_values($groups)) as $b) {
            $warms = max(0.0, $station->targetC - $station->feedC);
            $heatH =
                $warms > 0
                    ? (TemperatureCourse::capacityWhK($b['litres']) * $warms) / ($station->efficiency * $station->heatW)
                    : 0.0;
            $batches[] = Batch::of(
                $b['mix'],
                $b['salinity'],
                $b['litres'],
                $b['for'],
                $b['first'] - $station->loadH,
                $b['last'],
                $heatH,
            );
        }

        return $batches;
    }

    /**
     * @param  list<Need>  $needs
     * @return list<Finding>
     */
    private static function findings(Station $station, DaySchedule $plan, array $needs, DayHelp $help): array
    {
        $findings = [];
        foreach ($needs as $need) {
            if (isset($plan->lateH[$need->key])) {
                $findings[] = $help->finding($need, $plan->lateH[$need->key]);
            }
        }
        foreach ($plan->batches as $batch) {
            $ageH = $batch->lastDepartH - $batch->testAtH;
            if ($batch->mix->usableUntilH > 0 && $ageH > $batch->mix->usableUntilH + self::SAME_H) {
                $findings[] = self::tooOld($batch);
            }
        }
        $largest = max([0.0, ...array_map(fn (Batch $b): float => $b->litres, $plan->batches)]);
        if ($plan->makeL > 0 && $largest > $station->roTankL + self::SAME_H) {
            $findings[] = Finding::of(
                Severity::Watch,
                'W-67',
                'water',
                Sentence::of(Phrase::TheROTankHolds, [
                    'tank' => Quantity::of($station->roTankL, Kind::Volume),
                    'litres' => Quantity::of($largest, Kind::Volume),
                ]),
                Sentence::of(Phrase::TheRestRuns),
                Sentence::of(Phrase::BeginToFillWhileItStill),
                Basis::Rated,
            );
        }
        if ($findings === [] && $needs !== []) {
            $findings[] = Finding::of(
                Severity::Fine,
                'W-54',
                'water',
                Sentence::of(Phrase::AllWaterCanBeReady),
                Sentence::of(
                    $plan->makeL > 0
                        ? Phrase::OfROWaterAreStill
                        : Phrase::TheROWaterThatStands,
                    ['make' => Quantity::of($plan->makeL, Kind::Volume)],
                ),
            );
        }

        return Finding::sorted($findings);
    }

    private static function tooOld(Batch $batch): Finding
    {
        $parts = ['mix' => $batch->mix->name, 'hours' => Quantity::of($batch->mix->usableUntilH, Kind::Hours)];

        return Finding::of(
            Severity::Fix,
            'W-53',
            'water',
            Sentence::of(Phrase::WouldBeOlderThanIts, $parts),
            Sentence::of(Phrase::ItIsToBeUsed),
            Sentence::of(Phrase::MixItAfterTheOtherBatches),
            Basis::Rated,
        );
    }
}
