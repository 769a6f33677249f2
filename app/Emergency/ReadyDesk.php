<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Clients\Site;
use App\Risk\Around;
use App\Risk\Exposure;
use App\Risk\Night;
use App\Risk\TonightReader;
use App\Stores\Stock;
use App\Stores\StockPlace;
use App\Systems\Item;
use App\Systems\OffDevices;
use App\Systems\System;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Emergency\Need;
use Velbrin\Core\Emergency\Needs;
use Velbrin\Core\Emergency\OnGenerator;
use Velbrin\Core\Emergency\PowerWithoutMains;
use Velbrin\Core\Emergency\Readiness;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\TimeToHarm;
use Velbrin\Core\Risk\Tonight;
use Velbrin\Core\Rounds\Spot;

/** What stands ready for a system, from shelves, vans and cupboards: how much, where, how long until it is in use (E-1). */
final class ReadyDesk
{
    /** From a cupboard at the place itself, h. */
    private const AT_HAND_H = 0.25;

    private const WATER = 'water';

    /** @var Collection<int, Stock>|null */
    private ?Collection $stocks = null;

    /** @var array<string, Collection<int, Stock>> by what it is for */
    private array $lying = [];

    public function __construct(private readonly OffDevices $off, private readonly WaterWithin $water)
    {
    }

    /**
     * Every system of a place, read together.
     *
     * @param  Collection<int, System>  $systems
     * @return array<int, array{tank: Tonight|string, cold: Tonight|string, helpH: float|null, losses: array<string, float>}> by system
     */
    public function read(Collection $systems): array
    {
        $ids = array_values($systems->map(fn (System $s): int => $s->id)->all());
        $off = $this->off->ids($ids);
        $around = Around::of($systems);
        $help = Exposure::query()
            ->whereIn('system_id', $ids)
            ->where('night', Night::Tonight->value)
            ->whereNotNull('acts_h')
            ->groupBy('system_id')
            ->pluck(DB::raw('min(acts_h)'), 'system_id');
        $losses = DB::table('hazard_years')->whereIn('system_id', $ids)->whereNotNull('loss')->get(['system_id', 'hazard', 'loss']);
        $read = [];
        foreach ($systems as $system) {
            $acts = $help[$system->id] ?? null;
            $read[$system->id] = [
                'tank' => TonightReader::read($system, Night::Tonight, $off, $around),
                'cold' => TonightReader::read($system, Night::WinterNight, $off, $around),
                'helpH' => is_numeric($acts) ? (float) $acts : null,
                'losses' => $losses->where('system_id', $system->id)
                    ->mapWithKeys(fn (object $r): array => [(string) $r->hazard => (float) $r->loss])
                    ->all(),
            ];
        }

        return $read;
    }

    /**
     * Amounts are those of its coldest night, whatever the season: a heater that holds it in July does not in January.
     *
     * @param  array<string, float>  $losses  yearly, by hazard
     * @return array{needs: list<array<string, mixed>>, share: float, shareByLoss: float|null, served: list<string>, unserved: list<string>,
     *     power: list<array{label: string, runsH: float|null, harmH: float|null}>,
     *     generator: array{
     *         kept: list<string>, waits: list<string>, stops: list<string>, needs: list<string>, leastW: float, fuelLd: float
     *     }|null}
     *
     * @throws OutOfRange
     */
    public function of(System $system, Tonight $tank, Tonight $cold, ?float $helpH, array $losses): array
    {
        $rows = $needs = [];
        foreach (Needs::of($cold, $system->emergency_share_pct === null ? null : $system->emergency_share_pct / 100) as $asked) {
            [$need, $nearest] = $this->bestOf($asked, $system, $helpH);
            $needs[] = $need;
            $rows[] = [
                'code' => $asked['code'],
                'label' => $asked['label'],
                'amount' => $asked['amount'],
                'unit' => $asked['unit'],
                'has' => $need->has,
                'where' => $need->where,
                'withinH' => $need->withinH,
                'good' => $need->isGood,
                'serves' => array_map(fn (Hazard $h): string => $h->label(), $asked['serves']),
                'enough' => $need->isEnough(),
                'restInH' => $need->restInH,
                'testedOn' => $nearest?->tested_on?->toDateString(),
                'goodUntil' => $nearest?->expires_on?->toDateString(),
            ];
        }
        $harm = [];
        foreach (Hazard::cases() as $hazard) {
            $first = TimeToHarm::of($hazard, $tank)[0] ?? null;
            $harm[$hazard->value] = $first?->hours;
        }
        $ready = Readiness::of($harm, $needs, $losses);
        $labels = fn (Hazard $h): string => $h->label();

        return [
            'needs' => $rows,
            'share' => $ready->share,
            'shareByLoss' => $ready->shareByLoss,
            'served' => array_map($labels, $ready->served),
            'unserved' => array_map($labels, $ready->unserved),
            'power' => $tank->hasAnimals
                ? array_map(
                    fn (PowerWithoutMains $p): array => ['label' => $p->label, 'runsH' => $p->runsH, 'harmH' => $p->harmH],
                    PowerWithoutMains::of($tank),
                )
                : [],
            'generator' => $tank->hasAnimals ? self::generator($system) : null,
        ];
    }

    /** @return array{kept: list<string>, waits: list<string>, stops: list<string>, needs: list<string>, leastW: float, fuelLd: float} */
    private static function generator(System $system): array
    {
        $stands = $system->items->filter(fn (Item $i): bool => $i->retired_at === null && $i->away_since === null);
        $on = OnGenerator::of(array_values(
            $stands->map(fn (Item $i): array => ['name' => $i->name, 'job' => $i->job, 'watts' => $i->watts])->all(),
        ));

        return [
            'kept' => $on->kept,
            'waits' => $on->waits,
            'stops' => $on->stops,
            'needs' => $on->needs,
            'leastW' => $on->leastW,
            'fuelLd' => $on->fuelLd,
        ];
    }

    /**
     * Water stands in a depot's vessels; all else, and water somebody put on a shelf, in stores.
     *
     * @param  array{code: string, label: string, amount: float, unit: string, serves: list<Hazard>}  $asked
     * @return array{0: Need, 1: Stock|null} with what lies nearest
     */
    private function bestOf(array $asked, System $system, ?float $helpH): array
    {
        [$shelf, $nearest] = $this->need($asked, $system, $helpH);
        $made = $asked['code'] === self::WATER ? $this->water->need($asked, $system, $helpH) : null;

        return $made === null || ($shelf->isEnough() && $shelf->isGood === true) ? [$shelf, $nearest] : [$made, null];
    }

    /**
     * @param  array{code: string, label: string, amount: float, unit: string, serves: list<Hazard>}  $asked
     * @return array{0: Need, 1: Stock|null} with what lies nearest
     */
    private function need(array $asked, System $system, ?float $helpH): array
    {
        $fits = $this->lying($asked['code'])->filter(
            fn (Stock $s): bool => $s->place?->kind !== StockPlace::SITE || $s->place->site_id === $system->site_id,
        );
        if ($fits->isEmpty()) {
            return [new Need($asked['code'], $asked['serves'], $asked['amount'], $asked['unit'], has: null), null];
        }
        $good = $fits->filter(fn (Stock $s): bool => $s->isGood());
        $best = ($good->isEmpty() ? $fits : $good)->sortBy(fn (Stock $s): float => self::hours($s, $system, $helpH) ?? INF)->values();
        $near = $best->first();
        $has = $best->sum(fn (Stock $s): float => $asked['unit'] === 'W' ? $s->count * ($s->part->capacity ?? 0.0) : $s->count);

        return [new Need(
            code: $asked['code'],
            serves: $asked['serves'],
            amount: $asked['amount'],
            unit: $asked['unit'],
            has: (float) $has,
            where: $near?->place?->name,
            withinH: $near === null ? null : self::hours($near, $system, $helpH),
            isGood: $good->isNotEmpty(),
        ), $near];
    }

    /** @return Collection<int, Stock> what lies anywhere for it */
    private function lying(string $code): Collection
    {
        $this->stocks ??= Stock::query()
            ->where('count', '>', 0)
            ->whereHas('part', fn ($p) => $p->current())
            ->with(['part', 'place.depot'])
            ->get()
            ->toBase();

        return $this->lying[$code] ??= $this->stocks->filter(fn (Stock $s): bool => self::isFor($s, $code));
    }

    public static function isFor(Stock $stock, string $code): bool
    {
        $job = match ($code) {
            'heat' => Job::Heater,
            'flow' => Job::ReturnPump,
            default => null,
        };

        return $stock->part?->ready_for?->value === $code || ($job !== null && $stock->part?->job === $job);
    }

    /** Until it is in use: at hand, or when whoever is called has acted with what their van or the depot holds. */
    private static function hours(Stock $stock, System $system, ?float $helpH): ?float
    {
        $place = $stock->place;
        if ($place?->site_id === $system->site_id) {
            return self::AT_HAND_H;
        }
        if ($place?->kind === StockPlace::VAN) {
            return $helpH;
        }
        $spot = $system->site?->lat === null || $system->site->lon === null ? null : new Spot($system->site->lat, $system->site->lon);
        $depot = $place?->depot;

        return $helpH === null || $spot === null || $depot === null
            ? null
            : $helpH + (new Spot($depot->lat, $depot->lon))->minutesTo($spot) / 60;
    }

    /** @return Collection<int, System> */
    public static function systems(Site $site): Collection
    {
        $loads = array_values(array_diff(TonightReader::loads(), ['site']));
        $systems = System::query()->current()->where('site_id', $site->id)->with($loads)->orderBy('name')->get();

        return $systems->each(fn (System $s) => $s->setRelation('site', $site))->toBase();
    }
}
