<?php

declare(strict_types=1);

namespace App\Water\Views;

use App\House\Views\FindingView;
use App\Water\DayReader;
use App\Water\Departure;
use App\Water\SaltMix;
use App\Water\WaterBatch;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Water\Batch;
use Velbrin\Core\Water\Reserve;

/** A depot's water back from its departures, drawn as a time table. */
final readonly class WaterDayView
{
    /**
     * @param  list<BatchView>  $batches
     * @param  list<DepartureView>  $departures
     * @param  list<StandingView>  $standing
     * @param  list<PromiseView>  $promises
     * @param  list<FindingView>  $findings
     */
    private function __construct(
        public string $now,
        public ?string $flushAt,
        public ?string $roFrom,
        public ?string $roTo,
        public string $roToMake,
        public string $salt,
        public array $batches,
        public array $departures,
        public array $standing,
        public array $promises,
        public array $findings,
        public string $ready,
        /** Of it, what nothing takes before it is too old. */
        public ?string $unclaimed,
        public string $roStored,
        public int $vessels,
    ) {
    }

    public static function of(DayReader $r, Units $units): self
    {
        $litres = fn (float $l): string => $units->show(Quantity::of($l, Kind::Volume));
        $at = fn (float $hours): string => $r->now->addSeconds((int) round(3600 * $hours))->toIso8601ZuluString();
        $labels = [];
        foreach ($r->departures as $d) {
            $labels[$d->key()] = $d->label;
        }
        $day = $r->day;

        return new self(
            now: $r->now->toIso8601ZuluString(),
            flushAt: $day->flushAtH === null ? null : $at($day->flushAtH),
            roFrom: $day->roFromH === null ? null : $at($day->roFromH),
            roTo: $day->roToH === null ? null : $at($day->roToH),
            roToMake: $litres($day->roL),
            salt: $units->show(Quantity::of($day->saltKg, Kind::Mass)->finer(1)),
            batches: array_map(
                fn (Batch $b): BatchView => new BatchView(
                    title: $b->mix->name.' '.$units->show(Quantity::of($b->salinity, Kind::Salinity)),
                    litres: $litres($b->litres),
                    salt: $units->show(Quantity::of($b->saltKg, Kind::Mass)->finer(1)),
                    vessel: $b->vessel + 1,
                    fillAt: $at($b->fillAtH),
                    mixAt: $at($b->mixAtH),
                    testAt: $at($b->testAtH),
                    readyAt: $at($b->readyAtH),
                    loadAt: $at($b->loadAtH),
                    heatGoverns: $b->heatGoverns(),
                    for: array_map(
                        fn (string $key, float $l): string => $litres($l).' for '.($labels[$key] ?? $key),
                        array_keys($b->for),
                        $b->for,
                    ),
                    litresValue: round($b->litres, 1),
                    mixId: SaltMix::id($b->mix->key),
                    salinity: $b->salinity,
                ),
                $day->batches,
            ),
            departures: array_map(
                fn (Departure $d): DepartureView => new DepartureView(
                    $d->label,
                    $d->at->toIso8601ZuluString(),
                    $litres($d->litres),
                    isset($day->lateH[$d->key()]),
                    isset($day->fromStock[$d->key()])
                        ? $litres($day->fromStock[$d->key()]).' from standing water'
                        : null,
                    "/visits/{$d->visitId}",
                ),
                $r->departures,
            ),
            standing: array_values($r->batches->map(fn (WaterBatch $b): StandingView => StandingView::of($b, $units))->all()),
            promises: self::promises($r, $litres),
            findings: FindingView::all([...Reserve::findings($r->ledger->lacksL), ...$day->findings], $units),
            ready: $litres($r->readyL - $r->unclaimedL()),
            unclaimed: $r->unclaimedL() > 0.5 ? $litres($r->unclaimedL()) : null,
            roStored: $litres($r->depot->ro_stored_l),
            vessels: count($r->depot->vessels_l),
        );
    }

    /**
     * @param  callable(float): string  $litres
     * @return list<PromiseView> the changes last: what stands after the promises goes to them, the rest is mixed
     */
    private static function promises(DayReader $r, callable $litres): array
    {
        $lacks = $r->ledger->lacksL;
        $views = array_map(
            fn (string $label, float $l): PromiseView => new PromiseView(
                $label,
                $litres($l),
                isset($lacks[$label]) ? $litres($lacks[$label]) : null,
                null,
            ),
            array_keys($r->promised),
            $r->promised,
        );
        if ($r->changesL > 0) {
            $toMix = $r->changesL - array_sum($r->day->fromStock);
            $views[] = new PromiseView(
                'Changes to come',
                $litres($r->changesL),
                null,
                $toMix > 0.01 ? $litres($toMix) : null,
            );
        }

        return $views;
    }
}
