<?php

declare(strict_types=1);

namespace App\Risk;

use App\Control\Controller;
use App\Control\Outlet;
use App\Control\ReadableSetUp;
use App\Control\Sensor;
use App\Control\SetUp;
use App\Systems\Item;
use App\Systems\LastRead;
use App\Systems\System;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic\Volumes;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Control\Installed;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Programme\Hold;
use Velbrin\Core\Control\Programme\Pulse;
use Velbrin\Core\Control\Programme\Refill;
use Velbrin\Core\Control\Programme\Setup as Read;
use Velbrin\Core\Control\Programme\SetupReader;
use Velbrin\Core\Risk\Fault\Dose;
use Velbrin\Core\Risk\Fault\DosedWater;
use Velbrin\Core\Risk\Fault\FromFacts;
use Velbrin\Core\Risk\Fault\LimeInTopUp;
use Velbrin\Core\Risk\Fault\LostOutlet;
use Velbrin\Core\Risk\Fault\Slow;
use Velbrin\Core\Risk\Fault\Waterside;
use Velbrin\Core\Risk\Layer\Hangs;
use Velbrin\Core\Risk\Layer\Part;
use Velbrin\Core\Risk\Rate\Rates;
use Velbrin\Core\Risk\Standing\Device;
use Velbrin\Core\Water\RoLine;

/** What stands round systems: outlets, strips, circuits, controllers with what runs on them, proofs. Read once for many systems. */
final class Around
{
    private const DAYS_A_YEAR = 365.25;

    /** A proof of a year counts so long: it may be a month late. */
    private const PROOF_DAYS = 400;

    /** @var array<int, Read|null> by controller */
    private array $read = [];

    /** @var array<string, string> what people call a part, "strip:3" */
    private array $names = [];

    private ?Rates $rates = null;

    /** @var array<int, array<string, float>>|null by system, then by parameter; read when the first is asked for */
    private ?array $lastRead = null;

    /** @var Collection<int, Collection<int, Proof>>|null by system */
    private ?Collection $proofs = null;

    /**
     * @param  Collection<int, Outlet>  $outlets
     * @param  Collection<int, Controller>  $controllers
     * @param  Collection<int, SetUp>  $running  by controller
     * @param  Collection<int, Collection<int, Item>>  $plugged  by outlet
     * @param  list<int>  $systemIds
     */
    private function __construct(
        private readonly Collection $outlets,
        private readonly Collection $controllers,
        private readonly Collection $running,
        private readonly Collection $plugged,
        private readonly array $systemIds,
    ) {
    }

    /** @param  Collection<int, System>  $systems  with their items */
    public static function of(Collection $systems): self
    {
        $ids = array_values(
            array_unique(
                $systems->flatMap(fn (System $s) => $s->items->pluck('outlet_id'))->filter()->all(),
            ),
        );
        if ($ids === []) {
            return new self(collect(), collect(), collect(), collect(), self::idsOf($systems));
        }
        $outlets = Outlet::query()->whereIntegerInRaw('id', $ids)->with('strip.circuit')->get()->keyBy('id');
        $controllers = $outlets->map(fn (Outlet $o): ?int => $o->strip?->controller_id)->filter()->unique()->values()->all();
        if ($controllers === []) {
            return new self($outlets->toBase(), collect(), collect(), collect(), self::idsOf($systems));
        }
        $wired = Outlet::query()
            ->whereHas('strip', fn ($s) => $s->whereIn('controller_id', $controllers))
            ->with(['strip.circuit', 'items'])
            ->get();

        return new self(
            $outlets->toBase()->union($wired->keyBy('id')->toBase()),
            Controller::query()->whereIntegerInRaw('id', $controllers)->with('sensors')->get()->keyBy('id')->toBase(),
            SetUp::query()
                ->whereIntegerInRaw('controller_id', $controllers)
                ->where('state', SetUp::RUNNING)
                ->get()
                ->keyBy('controller_id')
                ->toBase(),
            self::plugged($wired),
            self::idsOf($systems),
        );
    }

    /**
     * @param  Collection<int, System>  $systems
     * @return list<int>
     */
    private static function idsOf(Collection $systems): array
    {
        return array_values($systems->map(fn (System $s): int => $s->id)->all());
    }

    /** @return Collection<int, Proof> the newest first; read when the first is asked for: hours in hand need none */
    private function proofsOf(int $systemId): Collection
    {
        $this->proofs ??= Proof::query()
            ->whereIntegerInRaw('system_id', $this->systemIds)
            ->orderByDesc('on')
            ->orderByDesc('id')
            ->get()
            ->toBase()
            ->groupBy('system_id');

        return $this->proofs->get($systemId) ?? collect();
    }

    /**
     * @param  Collection<int, Outlet>  $outlets
     * @return Collection<int, Collection<int, Item>>
     */
    private static function plugged(Collection $outlets): Collection
    {
        /** @var Collection<int, Collection<int, Item>> $plugged */
        $plugged = collect();
        foreach ($outlets as $outlet) {
            $plugged->put($outlet->id, $outlet->items->toBase());
        }

        return $plugged;
    }

    /**
     * @param  list<int>  $off  ids of devices that are switched off
     * @return list<Device>
     */
    public function devices(System $system, array $off): array
    {
        $sumps = $system->vessels->where('role', 'sump')->pluck('id')->all();
        $devices = [];
        foreach ($system->items as $item) {
            if ($item->retired_at !== null) {
                continue;
            }
            $age = $item->installed_on === null ? null : max(
                0.0,
                $item->installed_on->diffInDays(CarbonImmutable::now()) / self::DAYS_A_YEAR,
            );
            $outlet = $item->outlet_id === null ? null : $this->outlets->get($item->outlet_id);
            $devices[] = new Device(
                id: (string) $item->id,
                name: $item->name,
                job: $item->job,
                watts: $item->watts,
                ageYears: $age,
                provenYears: $this->provenYears($item, $age),
                hangs: $this->hangs($item, $outlet),
                group: $this->group($item, $outlet),
                inSump: in_array($item->vessel_id, $sumps, true),
                outlet: $outlet === null || $this->setUpOf($outlet) === null ? null : $outlet->key(),
                ownThermostat: $item->own_thermostat,
                outOf: match (true) {
                    $item->away_since !== null => 'away',
                    in_array($item->id, $off, true) => 'switched off',
                    default => null,
                },
            );
        }

        return $devices;
    }

    /** @return array<string, Read> what runs on the controllers that drive it, by controller */
    public function setUps(System $system): array
    {
        $setUps = [];
        foreach ($system->items as $item) {
            $outlet = $item->outlet_id === null ? null : $this->outlets->get($item->outlet_id);
            $read = $outlet === null ? null : $this->setUpOf($outlet);
            if ($outlet?->strip?->controller_id !== null && $read !== null) {
                $setUps["c{$outlet->strip->controller_id}"] = $read;
            }
        }

        return $setUps;
    }

    public function waterside(System $system, Facts $facts, bool $isWinter): Waterside
    {
        $stands = $system->items->filter(fn (Item $i): bool => $i->retired_at === null && $i->away_since === null);
        $has = fn (Job ...$jobs): bool => $stands->contains(fn (Item $i): bool => in_array($i->job, $jobs, true));
        $without = $isWinter ? $system->room?->unheated_winter_c : $system->room?->uncooled_summer_c;

        return FromFacts::of(
            facts: $facts,
            hasTopOff: $has(Job::TopOff),
            topOffLh: $this->topOffLh($system),
            doses: $this->doses($system, $facts),
            hasSkimmer: $has(Job::Skimmer),
            hasLamp: $has(Job::Light),
            hasRoUnit: $has(Job::RoUnit),
            lost: $this->lost($system, ! $isWinter),
            roomTempered: $without === null ? null : true,
            roomUntemperedC: is_numeric($without) ? (float) $without : null,
            slow: new Slow($this->rates ??= RiskRate::rates(), $system->arrivals_year),
            line: $stands->map(fn (Item $i): ?RoLine => $i->roLine())->filter()->first(),
            lime: $this->lime($system, $facts),
        );
    }

    /** @return array<string, string> */
    public function names(): array
    {
        return $this->names;
    }

    /** The emergency drain was run with the main blocked, and passed, a year ago at most, and a month that a round may be late. */
    public function isEmergencyTested(System $system): bool
    {
        $last = $this->proofsOf($system->id)->first(fn (Proof $p): bool => $p->what === Proof::EMERGENCY_DRAIN);

        return $last !== null && $last->passed && $last->on->diffInDays(CarbonImmutable::now()) <= self::PROOF_DAYS;
    }

    public function hasGenerator(System $system): bool
    {
        $last = $this->proofsOf($system->id)->first(fn (Proof $p): bool => $p->what === Proof::GENERATOR);

        return $last !== null && $last->passed && $last->on->diffInDays(CarbonImmutable::now()) <= self::PROOF_DAYS;
    }

    /** Years since somebody proved it; tested when it was put in counts from then; null: never, or it failed the last time. */
    private function provenYears(Item $item, ?float $age): ?float
    {
        $last = $this->proofsOf($item->system_id)->first(fn (Proof $p): bool => $p->item_id === $item->id);
        if ($item->changed_on !== null && ($last === null || $last->on->lessThan($item->changed_on))) {
            // No longer as it came: what it was tested as, it is not (X-14).
            return null;
        }
        if ($last !== null) {
            return $last->passed ? max(0.0, $last->on->diffInDays(CarbonImmutable::now()) / self::DAYS_A_YEAR) : null;
        }

        return in_array($item->state, [Installed::Tested, Installed::RunIn], true) ? $age : null;
    }

    private function hangs(Item $item, ?Outlet $outlet): Hangs
    {
        $hangs = Hangs::onNothing();
        if ($outlet !== null) {
            $strip = $outlet->strip;
            $this->names["outlet:{$outlet->id}"] = "outlet {$outlet->name}";
            $hangs = $hangs->on(Part::Outlet, (string) $outlet->id)->on(Part::Strip, $strip === null ? null : (string) $strip->id);
            if ($strip !== null) {
                $this->names["strip:{$strip->id}"] = "strip {$strip->name}";
            }
            $circuit = $strip?->circuit;
            $hangs = $hangs->on(Part::Circuit, $circuit === null ? self::words($item->circuit) : (string) $circuit->id);
            if ($circuit !== null) {
                $this->names["circuit:{$circuit->id}"] = "circuit {$circuit->name}";
            }

            return $this->driven($outlet, $hangs);
        }
        if (in_array($item->job, [Job::Probe, Job::FloatSwitch, Job::Valve, Job::Other], true)) {
            return $hangs;
        }

        return $hangs->on(Part::Strip, null)->on(Part::Circuit, self::words($item->circuit));
    }

    private function driven(Outlet $outlet, Hangs $hangs): Hangs
    {
        $read = $this->setUpOf($outlet);
        $controller = $outlet->strip?->controller_id;
        if ($read === null || $controller === null) {
            return $hangs;
        }
        $hangs = $hangs->on(Part::Controller, "c{$controller}");
        $this->names["controller:c{$controller}"] = $this->controllers->get($controller)->name ?? 'controller';
        foreach ($read->programme->outlets as $one) {
            if ($one->id === $outlet->key() && $one->rule instanceof Hold) {
                $hangs = $hangs->on(Part::Probe, $one->rule->probe);
                $this->names["probe:{$one->rule->probe}"] = 'probe '.$read->nameOf($one->rule->probe);
            }
        }

        return $hangs;
    }

    /** What switches a heater with others: a controller's outlet, or the words somebody wrote. */
    private function group(Item $item, ?Outlet $outlet): ?string
    {
        if ($item->job !== Job::Heater) {
            return null;
        }

        return match (true) {
            $item->switched_by !== null && $item->switched_by !== '' => $item->switched_by,
            $outlet !== null && $this->setUpOf($outlet) !== null => $outlet->key(),
            default => null,
        };
    }

    private static function words(?string $words): ?string
    {
        return $words === null || trim($words) === '' ? null : 'called '.mb_strtolower(trim($words));
    }

    private function setUpOf(Outlet $outlet): ?Read
    {
        $id = $outlet->strip?->controller_id;
        if ($id === null || ! $this->running->has($id)) {
            return null;
        }

        return $this->read[$id] ??= $this->readSetUp($id);
    }

    private function readSetUp(int $controllerId): ?Read
    {
        $written = $this->running->get($controllerId)?->document;
        $controller = $this->controllers->get($controllerId);
        if ($written === null || $controller === null) {
            return null;
        }
        $outlets = [];
        foreach (is_array($written['outlets'] ?? null) ? $written['outlets'] : [] as $one) {
            $id = is_array($one) && is_string($one['id'] ?? null) ? $one['id'] : '';
            $item = $this->plugged->get((int) substr($id, 1))?->first();
            if (is_array($one) && $item instanceof Item) {
                $outlets[] = ['hung' => ['job' => $item->job->value, 'watts' => $item->watts ?? 0.0]] + $one;
            }
        }
        $ids = array_column($outlets, 'id');
        $sensors = $controller->sensors->reject(fn (Sensor $s): bool => $s->isArchived());
        $systemId = $sensors->firstWhere(fn (Sensor $s): bool => $s->system_id !== null)?->system_id;

        return ReadableSetUp::of([
            'schema' => SetupReader::SCHEMA,
            'probes' => array_values(
                $sensors
                    ->filter(fn (Sensor $s): bool => $s->kind === Sensor::PROBE)
                    ->map(fn (Sensor $s): array => [
                        'id' => $s->key(),
                        'quantity' => (string) $s->quantity,
                        'resolution' => $s->resolution ?? 0.1,
                    ])
                    ->all(),
            ),
            'outlets' => $outlets,
            'guards' => array_values(
                array_filter(
                    is_array($written['guards'] ?? null) ? $written['guards'] : [],
                    fn (mixed $g): bool => is_array($g) && in_array($g['outlet'] ?? null, $ids, true),
                ),
            ),
            'alarms' => [],
            'facts' => $this->facts($systemId, $outlets),
            'names' => $sensors->mapWithKeys(fn (Sensor $s): array => [$s->key() => $s->name])->all(),
        ])->setup;
    }

    /**
     * What a guard on pH needs to be judged; asked only where something doses.
     *
     * @param  list<array<string, mixed>>  $outlets
     * @return array<string, float>
     */
    private function facts(?int $systemId, array $outlets): array
    {
        $doses = array_filter(
            $outlets,
            fn (array $o): bool => is_array($o['hung'] ?? null)
                && in_array($o['hung']['job'] ?? null, [Job::Doser->value, Job::Reactor->value], true),
        );
        $system = $systemId === null || $doses === [] ? null : System::query()->find($systemId);

        return $system === null ? [] : array_filter([
            'alkDkh' => LastRead::of($system, Parameter::Alkalinity),
            'ph' => LastRead::of($system, Parameter::Ph),
        ], fn (?float $v): bool => $v !== null);
    }

    private function topOffLh(System $system): ?float
    {
        foreach ($this->setUps($system) as $setUp) {
            foreach ($setUp->doing(Job::TopOff) as $outlet) {
                if ($outlet->rule instanceof Refill && $outlet->rule->litresPerH > 0) {
                    return $outlet->rule->litresPerH;
                }
            }
        }

        return null;
    }

    /** @return list<Dose> */
    private function doses(System $system, Facts $facts): array
    {
        $doses = [];
        $volume = Volumes::systemL($facts);
        foreach ($system->items as $item) {
            if ($item->retired_at !== null || $item->away_since !== null) {
                continue;
            }
            if ($item->job === Job::Reactor) {
                $doses[] = Dose::ofReactor(
                    name: $item->name,
                    systemL: $volume,
                    liquid: $item->doses,
                    strengthMeqMl: $item->strength_meq_ml,
                    mlPerMin: $item->ml_per_min,
                    water: $this->water($system, $facts),
                );
            }
            if ($item->job !== Job::Doser) {
                continue;
            }
            $doses[] = new Dose(
                name: $item->name,
                systemL: $volume,
                liquid: $item->doses,
                strengthMeqMl: $item->strength_meq_ml,
                holdsMl: $item->holds_ml,
                mlPerMin: $this->pulse($system, $item)?->mlPerMin,
                mlDay: $this->pulse($system, $item)?->mlDay(),
                line: $item->line(),
                water: $this->water($system, $facts),
            );
        }

        return $doses;
    }

    /** Of a top-off nothing is said where it brings fresh water. */
    private function lime(System $system, Facts $facts): ?LimeInTopUp
    {
        foreach ($system->items as $item) {
            $stands = $item->retired_at === null && $item->away_since === null;
            if ($stands && $item->job === Job::TopOff && $item->doses?->dicPerMeq() !== null) {
                return new LimeInTopUp($item->doses, $item->strength_meq_ml, $this->water($system, $facts));
            }
        }

        return null;
    }

    /** As read last; what nobody has read stays open. */
    private function water(System $system, Facts $facts): DosedWater
    {
        $this->lastRead ??= LastRead::among($this->systemIds, [Parameter::Alkalinity, Parameter::Ph]);
        $last = $this->lastRead[$system->id] ?? [];

        return new DosedWater(
            alkDkh: $last[Parameter::Alkalinity->value] ?? null,
            ph: $last[Parameter::Ph->value] ?? null,
            salinity: $facts->number(F::Salinity),
            tempC: $facts->number(F::SetpointC),
        );
    }

    /** The doses of a head at fixed times, as they run. */
    private function pulse(System $system, Item $item): ?Pulse
    {
        foreach ($this->setUps($system) as $setUp) {
            foreach ($setUp->programme->outlets as $outlet) {
                if ($outlet->id === "o{$item->outlet_id}" && $outlet->rule instanceof Pulse && $outlet->rule->mlPerMin > 0) {
                    return $outlet->rule;
                }
            }
        }

        return null;
    }

    /** @return list<LostOutlet>|null null: no controller drives it */
    private function lost(System $system, bool $isSummer): ?array
    {
        $setUps = $this->setUps($system);
        if ($setUps === []) {
            return null;
        }
        $lost = [];
        foreach ($system->items as $item) {
            if ($item->outlet_id === null || $item->retired_at !== null) {
                continue;
            }
            foreach ($setUps as $setUp) {
                foreach ($setUp->programme->outlets as $outlet) {
                    if ($outlet->id === "o{$item->outlet_id}") {
                        $lost[] = new LostOutlet(
                            name: $item->name,
                            job: $item->job,
                            level: $outlet->lostLinkAt($isSummer),
                            watts: $item->watts ?? 0.0,
                            ownThermostat: $item->own_thermostat,
                        );
                    }
                }
            }
        }

        return $lost;
    }
}
