<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Clients\Site;
use App\Risk\Around;
use App\Risk\Exposure;
use App\Risk\Night;
use App\Risk\TonightReader;
use App\Stores\Stock;
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

/** What stands ready for a system, from shelves, vans and cupboards: how much, where, how long until it is in use (E-1). */
final class ReadyDesk
{
    private const WATER = 'water';

    /** What is counted in these is not counted in pieces. */
    private const MEASURED = ['L', 'kg'];

    /** @var Collection<int, Stock>|null */
    private ?Collection $stocks = null;

    /** @var array<string, list<Lying>> by what it is for */
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
            $reader = TonightReader::of($system, $off, $around);
            $read[$system->id] = [
                'tank' => $reader->at(Night::Tonight),
                'cold' => $reader->at(Night::WinterNight),
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
                'serves' => $asked['serves'] === []
                    ? array_filter([$asked['for']])
                    : array_map(fn (Hazard $h): string => $h->label(), $asked['serves']),
                'enough' => $need->isEnough(),
                'restInH' => $need->restInH,
                'testedOn' => $nearest?->testedOn,
                'goodUntil' => $nearest?->goodUntil,
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
     * @param  array{code: string, label: string, amount: float, unit: string, serves: list<Hazard>, for: string|null}  $asked
     * @return array{0: Need, 1: Lying|null} with what lies nearest
     */
    private function bestOf(array $asked, System $system, ?float $helpH): array
    {
        [$shelf, $nearest] = $this->need($asked, $system, $helpH);
        $made = $asked['code'] === self::WATER ? $this->water->need($asked, $system, $helpH) : null;

        return $made === null || ($shelf->isEnough() && $shelf->isGood === true) ? [$shelf, $nearest] : [$made, null];
    }

    /**
     * @param  array{code: string, label: string, amount: float, unit: string, serves: list<Hazard>, for: string|null}  $asked
     * @return array{0: Need, 1: Lying|null} with what lies nearest
     */
    private function need(array $asked, System $system, ?float $helpH): array
    {
        $site = $system->site;
        $fits = array_filter($this->lying($asked['code']), fn (Lying $l): bool => $l->helps($site));
        if ($fits === []) {
            return [new Need($asked['code'], $asked['serves'], $asked['amount'], $asked['unit'], has: null), null];
        }
        $good = array_filter($fits, fn (Lying $l): bool => $l->isGood);
        $counted = array_values($good === [] ? $fits : $good);
        $hours = array_map(fn (Lying $l): float => $l->hours($site, $helpH) ?? INF, $counted);
        $first = (int) array_search(min($hours), $hours, true);
        $near = $counted[$first];

        return [new Need(
            code: $asked['code'],
            serves: $asked['serves'],
            amount: $asked['amount'],
            unit: $asked['unit'],
            has: array_sum(array_map(fn (Lying $l): float => $l->amount($asked['unit']), $counted)),
            where: $near->place,
            withinH: is_finite($hours[$first]) ? $hours[$first] : null,
            isGood: $good !== [],
        ), $near];
    }

    /** @return list<Lying> what lies anywhere for it */
    private function lying(string $code): array
    {
        $this->stocks ??= Stock::query()
            ->where('count', '>', 0)
            ->whereHas('part', fn ($p) => $p->current())
            ->with(['part', 'place.depot'])
            ->get()
            ->toBase();

        return $this->lying[$code] ??= array_map(
            Lying::of(...),
            array_values($this->stocks->filter(fn (Stock $s): bool => self::isFor($s, $code))->all()),
        );
    }

    public static function isFor(Stock $stock, string $code): bool
    {
        $job = match ($code) {
            'heat' => Job::Heater,
            'flow' => Job::ReturnPump,
            default => null,
        };

        $unit = Needs::CODES[$code]['unit'] ?? null;
        // Kilograms of salt are no litres of water.
        if (in_array($unit, self::MEASURED, true) && $stock->part?->unit !== $unit) {
            return false;
        }

        return $stock->part?->ready_for?->value === $code || ($job !== null && $stock->part?->job === $job);
    }

    /** @return Collection<int, System> */
    public static function systems(Site $site): Collection
    {
        $loads = array_values(array_diff(TonightReader::loads(), ['site']));
        $systems = System::query()->current()->where('site_id', $site->id)->with($loads)->orderBy('name')->get();

        return $systems->each(fn (System $s) => $s->setRelation('site', $site))->toBase();
    }
}
