<?php

declare(strict_types=1);

namespace App\Water;

use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Velbrin\Core\Water\Mix;
use Velbrin\Core\Water\MixedStock;
use Velbrin\Core\Water\Need;
use Velbrin\Core\Water\Reserve;
use Velbrin\Core\Water\WaterDay;

/** The reader between a depot's records and the core's water day. */
final readonly class DayReader
{
    /**
     * @param  list<Departure>  $departures
     * @param  Collection<int, WaterBatch>  $batches  standing
     * @param  array<string, float>  $promised  litres by promise, routine first
     * @param  array<string, float>  $lacks  what each promise lacks
     */
    private function __construct(
        public Depot $depot,
        public CarbonImmutable $now,
        public array $departures,
        public Collection $batches,
        public float $readyL,
        public float $reserveNeededL,
        public array $promised,
        public array $lacks,
        public WaterDay $day,
    ) {
    }

    public static function read(Depot $depot, Demand $demand, CarbonImmutable $now, CarbonImmutable $until): self
    {
        $departures = $demand->departures($depot, $now, $until);
        $batches = $depot->batches()->whereNull('spent_at')->where('left_l', '>', 0)->with('mix')->orderBy('mixed_at')->get()->toBase();
        $ready = (float) $batches->filter(fn (WaterBatch $b): bool => $b->isReady())->sum('left_l');
        $reach = $demand->reach();
        $needed = Reserve::neededL($reach->largestSystemL, $reach->emergencySharesL);
        $salt = array_sum(array_map(fn (Departure $d): float => $d->mixId === null ? 0.0 : $d->litres, $departures));
        // Routine takes from the store what it finds ready; the emergency share is what it may uncover.
        $promised = ['Emergency share' => $needed];
        foreach ($depot->bookings()->whereNull('released_at')->whereNull('visit_id')->orderBy('on')->get() as $booking) {
            $promised[$booking->label] = ($promised[$booking->label] ?? 0.0) + $booking->litres;
        }
        $mixes = self::mixes();
        $needs = array_map(fn (Departure $d): Need => new Need($d->key(), $d->label, $d->litres, $d->mixId === null ? null : SaltMix::key($d->mixId), $d->salinity, self::hours($now, $d->at)), $departures);

        return new self(
            $depot, $now, $departures, $batches, $ready, $needed, [...($salt > 0 ? ['Changes to come' => $salt] : []), ...$promised], Reserve::uncovered($ready, $promised),
            WaterDay::of($depot->station(), $mixes, $needs, self::spare($batches, $needed, $now), min($ready, $needed), $depot->reserve_ro_l),
        );
    }

    /** @return array<string, Mix> */
    public static function mixes(): array
    {
        $mixes = [];
        foreach (SaltMix::query()->orderBy('id')->get() as $mix) {
            $mixes[SaltMix::key($mix->id)] = $mix->core();
        }

        return $mixes;
    }

    public static function hours(CarbonImmutable $from, CarbonImmutable $to): float
    {
        return ($to->getTimestamp() - $from->getTimestamp()) / 3600;
    }

    /**
     * What stands beyond the reserve: the water that keeps longest stays for the emergency.
     *
     * @param  Collection<int, WaterBatch>  $batches
     * @return list<MixedStock>
     */
    private static function spare(Collection $batches, float $reserveL, CarbonImmutable $now): array
    {
        $ready = $batches->filter(fn (WaterBatch $b): bool => $b->isReady())->sortByDesc(fn (WaterBatch $b): int => $b->usableUntil()->getTimestamp())->values();
        $kept = $reserveL;
        $stock = [];
        foreach ($ready as $batch) {
            $keep = min($kept, $batch->left_l);
            $kept -= $keep;
            if ($batch->left_l - $keep > 0) {
                $stock[] = new MixedStock(SaltMix::key($batch->salt_mix_id), $batch->salinity, $batch->left_l - $keep, self::hours($now, $batch->usableFrom()), self::hours($now, $batch->usableUntil()));
            }
        }

        return $stock;
    }
}
