<?php

declare(strict_types=1);

namespace App\Control;

use App\Control\Link\LinkDevice;
use App\Control\Views\DayRowView;
use App\Control\Views\LadderView;
use App\Control\Views\LogView;
use App\Control\Views\OrderView;
use App\Control\Views\OutletView;
use App\Control\Views\SensorView;
use App\Control\Views\SetUpLineView;
use App\Control\Views\StartsView;
use App\Control\Views\StripView;
use App\House\Days;
use App\House\Views\FindingView;
use App\Systems\Item;
use App\Systems\System;
use App\Systems\Vessel;
use App\Team\Role;
use App\Team\User;
use Carbon\CarbonImmutable;
use Velbrin\Core\Control\Installed;
use Velbrin\Core\Control\Programme\AlarmOf;
use Velbrin\Core\Control\Programme\Checker;
use Velbrin\Core\Control\Programme\Correction;
use Velbrin\Core\Control\Programme\Day;
use Velbrin\Core\Control\Programme\Guard;
use Velbrin\Core\Control\Programme\Outlet as CoreOutlet;
use Velbrin\Core\Control\Programme\Pulse;
use Velbrin\Core\Control\Programme\Rungs;
use Velbrin\Core\Control\Programme\Setup as CoreSetup;
use Velbrin\Core\Control\Programme\Starts;
use Velbrin\Core\Control\Programme\Words;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** The page of a controller: its wiring, its sentences, its ladders, its day, and what stands against it. */
final class Bench
{
    /** What a ladder is called. */
    private const LADDERS = [
        'temperature' => 'Temperature',
        'ph' => 'pH',
        'salinity' => 'Salinity',
        'oxygen' => 'Oxygen',
        'level' => 'Level',
    ];

    public function __construct(
        private readonly WholeSetUp $whole,
        private readonly LiveOfController $live,
        private readonly Watches $watches,
        private readonly SystemKnown $known,
    ) {
    }

    /** @return list<string> what to load with a controller */
    public static function loads(): array
    {
        return ['site.client', 'strips.circuit', 'strips.outlets.items', 'sensors', 'setUps.user'];
    }

    /**
     * The controller is loaded.
     *
     * @return array<string, mixed>
     */
    public function props(Controller $controller, User $user, bool $conflict = false, ?string $asked = null): array
    {
        $this->whole->gather([$controller]);
        $latest = $controller->latest();
        $written = $latest->document ?? ['outlets' => [], 'guards' => []];
        $read = ReadableSetUp::of($this->whole->of($controller, $written));
        $findings = Checker::check($read->setup);
        $systems = System::query()->current()->where('site_id', $controller->site_id)->with('vessels')->orderBy('name')->get();
        $draft = $controller->draft();
        $running = $controller->running();

        return [
            'controller' => [
                'id' => $controller->id,
                'name' => $controller->name,
                'siteId' => $controller->site_id,
                'site' => (string) $controller->site?->name,
                'client' => (string) $controller->site?->client?->name,
                'running' => $running?->number,
                'runningSince' => $running?->activated_at?->toIso8601ZuluString(),
                'draft' => $draft?->number,
                'revision' => $draft->revision ?? 0,
                'differs' => $running === null || $draft === null ? null : count($this->changes($controller, $running, $draft, $user)),
                'mayWrite' => $user->can('update', $controller),
                'mayActivate' => $user->can('activate', $controller),
            ],
            'written' => $written,
            'strips' => $this->strips($controller, $read, $findings, $user),
            'sensors' => $this->sensors($controller),
            'waters' => $systems->flatMap(fn (System $s) => $s->vessels->map(fn (Vessel $v): array => [
                'key' => "v{$v->id}",
                'label' => $systems->count() > 1 ? "{$s->name}, {$v->name}" : $v->name,
                'role' => $v->role,
                'system' => $s->id,
            ]))->values()->all(),
            'systems' => $systems->map(fn (System $s): array => ['id' => $s->id, 'name' => $s->name])->all(),
            'loose' => $this->loose($controller),
            'plugged' => $this->plugged($controller),
            'circuits' => Circuit::query()->current()->where('site_id', $controller->site_id)->orderBy('name')->get(['id', 'name'])->all(),
            'ladders' => $this->ladders($read, $systems->first(), $user),
            'day' => $this->day($read),
            'findings' => FindingView::all($findings, $user->units()),
            'corrections' => $this->corrections($findings, $read),
            'alarms' => $this->alarms($read, $user),
            'people' => $user->can('update', $controller) ? $this->people() : [],
            'errors' => [],
            'wrong' => $read->errors,
            'devices' => $this->devices($controller),
            'orders' => OrderView::all($controller),
            'logs' => LogView::all($controller),
            'live' => $this->live->of($controller, $this->asRunning($controller, $running) ?? $read->setup, $user->units()),
            'chain' => $this->watches->chain($controller, $this->at($asked)),
            'askedAt' => $asked,
            'history' => $this->history($controller, $user),
            'starts' => StartsView::of(Starts::of($this->known->setpointC($controller))),
            'standards' => StandardSetUp::query()->current()->orderBy('name')->limit(20)->get(['id', 'name'])->map(
                fn (StandardSetUp $s): array => ['id' => $s->id, 'name' => $s->name],
            ),
            'conflict' => $conflict,
            'now' => now()->setTimezone($controller->site->timezone ?? 'UTC')->format('H:i'),
        ];
    }

    /** What a controller was last told; null: nothing yet. */
    private function asRunning(Controller $controller, ?SetUp $running): ?CoreSetup
    {
        return $running === null ? null : ReadableSetUp::of($this->whole->of($controller, $running->document))->setup;
    }

    /** The moment somebody asks about, on the clock of the company; now where nobody does. */
    private function at(?string $asked): CarbonImmutable
    {
        return $asked === null ? CarbonImmutable::now() : CarbonImmutable::parse($asked, Days::zone());
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<StripView>
     */
    private function strips(Controller $controller, ReadableSetUp $read, array $findings, User $user): array
    {
        $units = $user->units();
        $views = [];
        foreach ($controller->strips as $strip) {
            $outlets = [];
            foreach ($strip->outlets as $outlet) {
                if (! $outlet->isArchived()) {
                    $outlets[] = $this->outlet($outlet, $read, $findings, $user);
                }
            }
            $views[] = new StripView(
                id: $strip->id,
                name: $strip->name,
                circuitId: $strip->circuit_id,
                circuit: $strip->circuit?->name,
                rating: $strip->circuit?->rating_a === null ? null : $units->show(Quantity::of($strip->circuit->rating_a, Kind::Current)),
                ownClock: $strip->own_clock,
                outlets: $outlets,
            );
        }

        return $views;
    }

    /** @param  list<Finding>  $findings */
    private function outlet(Outlet $outlet, ReadableSetUp $read, array $findings, User $user): OutletView
    {
        $units = $user->units();
        $words = new Words($read->setup);
        $key = $outlet->key();
        $core = null;
        foreach ($read->setup->programme->outlets as $one) {
            $core = $one->id === $key ? $one : $core;
        }
        $guards = array_values(array_filter($read->setup->programme->guards, fn (Guard $g): bool => $g->outlet === $key));
        $ids = [$key, ...array_map(fn (Guard $g): string => $g->id, $guards)];
        $item = $outlet->items->first();
        $watts = $outlet->items->sum(fn (Item $i): float => $i->watts ?? 0.0);
        $wrong = array_values(array_intersect_key($read->errors, array_flip([$key, ...$this->guardsOf($read, $key)])));

        return new OutletView(
            id: $outlet->id,
            key: $key,
            name: $outlet->name,
            place: $core->place ?? $outlet->name,
            load: $outlet->items->isEmpty() ? null : $outlet->items->pluck('name')->implode(', '),
            job: $item?->job->value,
            watts: $watts > 0 ? $units->show(Quantity::of((float) $watts, Kind::Power)) : null,
            does: $core === null ? 'nobody has said what it does' : $words->rule($core)->in($units),
            lost: $core === null ? '' : $words->lostLink($core)->in($units),
            lostLevel: $core?->lostLinkLevel,
            manners: $core === null ? [] : array_map(fn (Sentence $s): string => $s->in($units), $words->manners($core)),
            guards: array_map(fn (Guard $g): string => $words->guard($g)->in($units), $guards),
            into: $item?->vessel_id === null ? null : "v{$item->vessel_id}",
            isLabelled: $outlet->is_labelled,
            isSet: $core instanceof CoreOutlet,
            wrong: $wrong[0] ?? null,
            mark: $this->mark($findings, $ids),
            notProved: $this->notProved($outlet),
        );
    }

    /** The least of what hangs there that animals rely on and nobody has seen work (X-10), in words; null: nothing. */
    private function notProved(Outlet $outlet): ?string
    {
        $least = $outlet->items
            ->filter(fn (Item $i): bool => $i->state->leavesUnprotected($i->job))
            ->sortBy(fn (Item $i): int => (int) array_search($i->state, Installed::cases(), true))
            ->first();

        return $least === null ? null : "{$least->state->label()}, not tested";
    }

    /** @return list<string> guards of an outlet that could not be read belong to it by their name */
    private function guardsOf(ReadableSetUp $read, string $key): array
    {
        return array_values(array_filter(array_keys($read->errors), fn (string $id): bool => str_starts_with($id, "{$key}-")));
    }

    /**
     * @param  list<Finding>  $findings
     * @param  list<string>  $ids
     */
    private function mark(array $findings, array $ids): ?string
    {
        foreach ($findings as $finding) {
            if (in_array($finding->subject, $ids, true) && $finding->severity !== Severity::Fine) {
                return $finding->severity->value;
            }
        }

        return null;
    }

    /** @return list<SensorView> */
    private function sensors(Controller $controller): array
    {
        return array_values($controller->sensors
            ->filter(fn (Sensor $s): bool => ! $s->isArchived())
            ->map(fn (Sensor $s): SensorView => SensorView::of($s))
            ->all());
    }

    /** @return list<array{id: int, name: string, system: string}> devices of the place that hang on no outlet of a strip */
    private function loose(Controller $controller): array
    {
        $items = Item::query()
            ->whereNull('retired_at')
            ->whereHas('system', fn ($s) => $s->current()->where('site_id', $controller->site_id))
            ->with('system')
            ->orderBy('name')
            ->get();
        $onStrips = Outlet::query()->where('site_id', $controller->site_id)->whereNotNull('strip_id')->pluck('id')->all();

        return array_values($items
            ->reject(fn (Item $i): bool => in_array($i->outlet_id, $onStrips, true))
            ->map(fn (Item $i): array => ['id' => $i->id, 'name' => $i->name, 'system' => (string) $i->system?->name])
            ->all());
    }

    /** @return array<string, list<array{id: int, name: string}>> by outlet */
    private function plugged(Controller $controller): array
    {
        return $this->whole
            ->outlets($controller)
            ->map(fn (Outlet $o): array => array_values(
                $o->items->map(fn (Item $i): array => ['id' => $i->id, 'name' => $i->name])->all(),
            ))
            ->all();
    }

    /** @return list<LadderView> */
    private function ladders(ReadableSetUp $read, ?System $system, User $user): array
    {
        $ladders = [];
        foreach (self::LADDERS as $quantity => $label) {
            $harm = $quantity === 'temperature' && $system !== null && Rungs::isHeated($read->setup) ? $system->regime->harmC() : null;
            $ladders[] = LadderView::of(Rungs::of($read->setup, $quantity, $harm), $label, $user->units());
        }

        return array_values(array_filter($ladders));
    }

    /** @return list<DayRowView> */
    private function day(ReadableSetUp $read): array
    {
        $rows = [];
        foreach ($read->setup->programme->outlets as $outlet) {
            if ($outlet->rule instanceof Day) {
                $rows[] = new DayRowView($outlet->place, $this->course($outlet->rule), []);
            } elseif ($outlet->rule instanceof Pulse) {
                $rows[] = new DayRowView($outlet->place, [], $outlet->rule->minutes);
            }
        }

        return $rows;
    }

    /** @return list<array{minute: float, level: float}> from midnight to midnight; a step is two points at one moment */
    private function course(Day $day): array
    {
        $points = [['minute' => 0.0, 'level' => $day->at(0.0)]];
        foreach ($day->points as $point) {
            if (! $day->isRamp) {
                $points[] = ['minute' => $point['minute'], 'level' => $points[count($points) - 1]['level']];
            }
            $points[] = $point;
        }
        $points[] = ['minute' => 1440.0, 'level' => $day->at(1439.999)];

        return $points;
    }

    /**
     * @param  list<Finding>  $findings
     * @return array<string, array{words: string, changes: list<array{id: string, path: string, value: string|float}>}> by finding
     */
    private function corrections(array $findings, ReadableSetUp $read): array
    {
        $corrections = [];
        foreach ($findings as $finding) {
            $correction = Correction::of($finding, $read->setup);
            if ($correction !== null) {
                $corrections[$finding->key()] = ['words' => $correction->words, 'changes' => $correction->changes];
            }
        }

        return $corrections;
    }

    /** @return list<array{name: string, says: string, message: string|null, calls: int, tested: bool}> */
    private function alarms(ReadableSetUp $read, User $user): array
    {
        $words = new Words($read->setup);

        return array_map(fn (AlarmOf $a): array => [
            'name' => $a->id,
            'says' => $words->alarm($a)->in($user->units()),
            'message' => $a->message,
            'calls' => $a->calls,
            'tested' => $a->testedDaysAgo !== null,
        ], $read->setup->alarms);
    }

    /** @return list<array{id: int, name: string, kind: string, heardAt: string|null, breaks: list<mixed>, differs: bool}> */
    private function devices(Controller $controller): array
    {
        $hash = $controller->running()?->hash;

        return array_values(LinkDevice::query()
            ->where('controller_id', $controller->id)
            ->whereNull('revoked_at')
            ->orderBy('name')
            ->get()
            ->map(fn (LinkDevice $d): array => [
                'id' => $d->id,
                'name' => $d->name,
                'kind' => $d->kind,
                'heardAt' => $d->heard_at?->toIso8601ZuluString(),
                'breaks' => array_values($d->breaks ?? []),
                'differs' => $d->hash !== null && $hash !== null && $d->hash !== $hash,
            ])
            ->all());
    }

    /** @return list<array{id: int, name: string}> */
    private function people(): array
    {
        return array_values(User::query()
            ->whereNull('archived_at')
            ->whereIn('role', Role::ours())
            ->orderBy('name')
            ->get(['id', 'name'])
            ->map(fn (User $u): array => ['id' => $u->id, 'name' => $u->name])
            ->all());
    }

    /** @return list<SetUpLineView> */
    private function history(Controller $controller, User $user): array
    {
        $lines = [];
        $all = array_values($controller->setUps->all());
        foreach ($all as $n => $setUp) {
            $before = $all[$n + 1] ?? null;
            $lines[] = SetUpLineView::of($setUp, $before === null ? [] : $this->changes($controller, $before, $setUp, $user));
        }

        return $lines;
    }

    /** @return list<string> sentences that are in one and not in the other */
    private function changes(Controller $controller, SetUp $before, SetUp $after, User $user): array
    {
        [$was, $is] = [$this->sentences($controller, $before, $user), $this->sentences($controller, $after, $user)];
        $changes = [];
        foreach ($is as $key => $says) {
            if (($was[$key] ?? null) !== $says) {
                $changes[] = isset($was[$key]) ? "{$says} (was: {$was[$key]})" : "new: {$says}";
            }
        }
        foreach (array_diff_key($was, $is) as $says) {
            $changes[] = "no longer: {$says}";
        }

        return $changes;
    }

    /** @return array<string, string> by outlet and guard */
    private function sentences(Controller $controller, SetUp $setUp, User $user): array
    {
        $read = ReadableSetUp::of($this->whole->of($controller, $setUp->document));
        $words = new Words($read->setup);
        $units = $user->units();
        $sentences = [];
        foreach ($read->setup->programme->outlets as $outlet) {
            $more = array_map(fn (Sentence $s): string => $s->in($units), $words->manners($outlet));
            $sentences[$outlet->id] = "{$outlet->place}: ".implode('; ', [
                $words->rule($outlet)->in($units),
                'link lost: '.$words->lostLink($outlet)->in($units),
                ...$more,
            ]);
        }
        foreach ($read->setup->programme->guards as $guard) {
            $sentences[$guard->id] = "{$read->setup->place($guard->outlet)}: {$words->guard($guard)->in($units)}";
        }

        return $sentences;
    }
}
