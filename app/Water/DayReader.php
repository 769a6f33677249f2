<?php

declare(strict_types=1);

namespace App\Water;

use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Velbrin\Core\Water\Ledger;
use Velbrin\Core\Water\Mix;
use Velbrin\Core\Water\MixedStock;
use Velbrin\Core\Water\Need;
use Velbrin\Core\Water\Promise;
use Velbrin\Core\Water\WaterDay;

/** The reader between a depot's records and the core's water day. */
final readonly class DayReader
{
    public const EMERGENCY = 'Emergency share';

    /** Hour of a booking's day at which its water is drawn. */
    private const DRAWN_AT = 8;

    /**
     * @param  list<Departure>  $departures
     * @param  Collection<int, WaterBatch>  $batches  standing
     * @param  array<string, float>  $promised  litres by promise, the first to be kept first, the changes last
     * @param  float  $changesL  salt water that leaves
     */
    private function __construct(
        public Depot $depot,
        public CarbonImmutable $now,
        public array $departures,
        public Collection $batches,
        public float $readyL,
        public float $reserveNeededL,
        public array $promised,
        public Ledger $ledger,
        public float $changesL,
        public WaterDay $day,
    ) {
    }

    public static function read(Depot $depot, Demand $demand, CarbonImmutable $now, CarbonImmutable $until): self
    {
        $departures = $demand->departures($depot, $now, $until);
        $batches = $depot
            ->batches()
            ->whereNull('spent_at')
            ->where('left_l', '>', 0)
            ->with('mix')
            ->orderBy('mixed_at')
            ->get()
            ->toBase();
        $batches->each(fn (WaterBatch $b): WaterBatch => $b->setRelation('depot', $depot));
        $ready = $batches->filter(fn (WaterBatch $b): bool => $b->readiness($now)->isReady());
        $reach = $demand->reach();
        $needed = $reach->neededL();
        $promises = self::promises($depot, $needed, $now);
        // One litre once: what the emergency and the bookings hold is not there for the changes (W-66).
        $ledger = Ledger::of(self::stock($ready, $now), $promises);
        $needs = array_map(
            fn (Departure $d): Need => new Need(
                $d->key(),
                $d->label,
                $d->litres,
                $d->mixId === null ? null : SaltMix::key($d->mixId),
                $d->salinity,
                self::hours($now, $d->at),
            ),
            $departures,
        );
        $promised = [];
        foreach ($promises as $promise) {
            $promised[$promise->label] = $promise->litres;
        }

        return new self(
            depot: $depot,
            now: $now,
            departures: $departures,
            batches: $batches,
            readyL: (float) $ready->sum('left_l'),
            reserveNeededL: $needed,
            promised: $promised,
            ledger: $ledger,
            changesL: array_sum(array_map(fn (Departure $d): float => $d->mixId === null ? 0.0 : $d->litres, $departures)),
            day: WaterDay::of(
                $depot->station(),
                self::mixes(),
                $needs,
                $ledger->left,
                $ledger->coveredL[self::EMERGENCY] ?? 0.0,
                $depot->reserve_ro_l,
            ),
        );
    }

    /** @return list<Promise> the emergency first, then what was promised by day */
    private static function promises(Depot $depot, float $neededL, CarbonImmutable $now): array
    {
        $promises = [new Promise(self::EMERGENCY, $neededL)];
        foreach (
            $depot
                ->bookings()
                ->whereNull('released_at')
                ->whereNull('visit_id')
                ->orderByRaw('`on` is null, `on`')
                ->orderBy('id')
                ->get() as $booking
        ) {
            $label = $booking->label;
            for ($n = 2; in_array($label, array_map(fn (Promise $p): string => $p->label, $promises), true); $n++) {
                $label = "{$booking->label} ({$n})";
            }
            // A day's water is drawn in the morning; one without a day may be asked for at any time.
            $atH =
                $booking->on === null
                    ? null
                    : max(0.0, self::hours($now, $booking->on->startOfDay()->addHours(self::DRAWN_AT)));
            $promises[] = new Promise($label, $booking->litres, atH: $atH);
        }

        return $promises;
    }

    /** Ready litres that no promise and no change takes before they are too old: nobody may count on them (W-66). */
    public function unclaimedL(): float
    {
        $left = array_sum(array_map(fn (MixedStock $s): float => $s->litres, $this->ledger->left));

        return max(0.0, $left - array_sum($this->day->fromStock));
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
     * @param  Collection<int, WaterBatch>  $ready
     * @return list<MixedStock>
     */
    private static function stock(Collection $ready, CarbonImmutable $now): array
    {
        return array_values(
            $ready
                ->map(
                    fn (WaterBatch $b): MixedStock => new MixedStock(
                        SaltMix::key($b->salt_mix_id),
                        $b->measured_salinity ?? $b->salinity,
                        $b->left_l,
                        self::hours($now, $b->usableFrom()),
                        self::hours($now, $b->usableUntil()),
                    ),
                )
                ->all(),
        );
    }
}
