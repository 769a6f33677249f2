<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Standing;

use Velbrin\Core\Build\FeedLayer;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Programme\Condition;
use Velbrin\Core\Control\Programme\Guard;
use Velbrin\Core\Control\Programme\Refill;
use Velbrin\Core\Control\Programme\SeenByPh;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Fault\Dose;
use Velbrin\Core\Risk\Fault\DosedWater;
use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\Layer\Chain;
use Velbrin\Core\Risk\Layer\Hangs;
use Velbrin\Core\Risk\Layer\Initiator;
use Velbrin\Core\Risk\Layer\Kin;
use Velbrin\Core\Risk\Layer\Layer;
use Velbrin\Core\Risk\Layer\LayerKind;
use Velbrin\Core\Risk\Layer\Part;
use Velbrin\Core\Risk\Rate\Assumed;
use Velbrin\Core\Risk\Rate\Rates;
use Velbrin\Core\Risk\Rate\Span;
use Velbrin\Core\Risk\Response;
use Velbrin\Core\Risk\TimeToHarm;

/** What stands against a hazard, found in register, set-up and roster by the failure it stops (X-20). */
final readonly class LayersAgainst
{
    private function __construct(
        private Hazard $hazard,
        private Harm $harm,
        private Standing $standing,
        private Moment $moment,
        private Rates $rates,
    ) {
    }

    /**
     * @return list<Layer> the chains of alarm and people last
     *
     * @throws OutOfRange
     */
    public static function of(
        Hazard $hazard,
        Initiator $fault,
        Harm $harm,
        Standing $standing,
        Moment $moment,
        Rates $rates,
    ): array {
        $self = new self($hazard, $harm, $standing, $moment, $rates);
        $layers = match ($hazard) {
            Hazard::HeaterStuckOn => [...$self->thermostats($fault), ...$self->guards(Job::Heater, $self->heatGuard(...))],
            Hazard::TopOffOn, Hazard::LineOverflow => [...$self->stops(), ...$self->refillLimit()],
            Hazard::DrainBlocked => [...$self->emergency(), ...$self->guards(Job::ReturnPump, $self->levelGuard(...))],
            Hazard::TopOffOff, Hazard::LeftOpen => $self->guards(Job::ReturnPump, $self->levelGuard(...)),
            Hazard::Overdose => $self->cutting($fault, [
                ...$self->guards(Job::Doser, $self->phGuard(...)),
                ...$self->guards(Job::Reactor, $self->phGuard(...)),
            ]),
            Hazard::PowerCut => $self->generator(),
            Hazard::RoomClimate => $self->coolers(),
            default => [],
        };
        foreach ($standing->added as [$against, $layer]) {
            if (in_array($hazard, $against, true)) {
                $layers[] = $layer;
            }
        }

        return [...$layers, ...$self->chains()];
    }

    /** @return list<Layer> heaters with thermostats of their own behind a controller's outlet */
    private function thermostats(Initiator $fault): array
    {
        $layers = [];
        foreach ($this->standing->doing(Job::Heater) as $heater) {
            if ($heater->outlet === null || ! in_array("relay:{$heater->outlet}", $fault->hangs->all(), true)) {
                continue;
            }
            if ($heater->ownThermostat === false) {
                continue;
            }
            $fails = $this->ofDevice($heater);
            $layers[] = new Layer(
                id: "thermostat-{$heater->id}",
                name: "{$heater->name}’s own thermostat",
                kind: LayerKind::Thermostat,
                // Nobody has said that it has one: it may not.
                fails: $heater->ownThermostat === null ? Span::of($fails->low, $fails->likely, 1.0) : $fails,
                hangs: Hangs::onNothing(),
                actsH: 0.0,
                isTested: $heater->provenYears !== null,
                testedYears: $heater->provenYears,
            );
        }

        // All of one relay's heaters would have to stop: the worst of them speaks.
        usort($layers, fn (Layer $a, Layer $b): int => $b->fails->high <=> $a->fails->high);

        return array_slice($layers, 0, 1);
    }

    /**
     * @param  callable(Guard, Setup): ?float  $actsH  hours until it has acted; null: it does not see this
     * @return list<Layer>
     */
    private function guards(Job $job, callable $actsH): array
    {
        $layers = [];
        foreach ($this->standing->setUps as $controller => $setUp) {
            $outlets = array_map(fn ($o): string => $o->id, $setUp->doing($job));
            foreach ($setUp->programme->guards as $guard) {
                if ($guard->level > 0 || ! in_array($guard->outlet, $outlets, true)) {
                    continue;
                }
                $hangs = Hangs::onNothing()->on(Part::Controller, (string) $controller)->on(Part::Relay, $guard->outlet);
                foreach ($guard->when as $condition) {
                    $hangs = $hangs->on(Part::Probe, $condition->probe ?? $condition->switch);
                }
                $layers[] = new Layer(
                    id: "guard-{$guard->id}",
                    name: $setUp->nameOf($guard->id),
                    kind: LayerKind::CutOut,
                    fails: Span::sure($this->rates->of(Assumed::TypicalFails)),
                    hangs: $hangs,
                    actsH: $actsH($guard, $setUp),
                );
            }
        }

        return $layers;
    }

    /**
     * Those that cut the outlet of what fails: one on another head’s leaves this one running.
     *
     * @param  list<Layer>  $guards
     * @return list<Layer>
     */
    private function cutting(Initiator $fault, array $guards): array
    {
        $relays = array_map(fn (string $outlet): string => "relay:{$outlet}", $fault->outlets);

        return array_values(array_filter($guards, fn (Layer $l): bool => array_intersect($l->hangs->all(), $relays) !== []));
    }

    private function heatGuard(Guard $guard, Setup $setUp): ?float
    {
        $limit = $this->limitOf($guard, $setUp, 'temperature');
        $course = TimeToHarm::temperature($this->hazard, $this->moment->tank);
        $reached = $limit === null ? null : $course?->hoursTo($limit);

        return $reached === null ? null : $reached + $guard->forS / 3600;
    }

    /** A float it looks at stands in its way: it acts as soon as it has waited. */
    private function levelGuard(Guard $guard, Setup $setUp): ?float
    {
        $floats = array_filter($guard->when, fn (Condition $c): bool => $c->switch !== null);

        return $floats === [] ? null : $guard->forS / 3600;
    }

    /** A guard on pH sees an overdose late, and some liquids not at all (K-60, X-20). */
    private function phGuard(Guard $guard, Setup $setUp): ?float
    {
        $limit = $this->limitOf($guard, $setUp, 'ph');
        $alk = $setUp->facts->alkDkh;
        $ph = $setUp->facts->ph;
        $liquids = array_filter(
            array_map(fn (Dose $d) => $d->mayHarm() ? $d->liquid : null, $this->moment->tank->waterside->doses ?? []),
        );
        if ($limit === null || $alk === null || $ph === null || $liquids === [] || $this->harm->hours === null) {
            return null;
        }
        // As a share of the way to harm.
        $worst = 0.0;
        foreach ($liquids as $liquid) {
            $rise = SeenByPh::riseDkh($liquid, $alk, $ph, $limit);
            $harms = min(DosedWater::HARM_DKH, SeenByPh::riseDkh($liquid, $alk, $ph, DosedWater::HARM_PH) ?? INF);
            $worst = $rise === null || $harms <= 0 ? INF : max($worst, $rise / $harms);
        }

        return is_finite($worst)
            ? $this->harm->hours * $worst + $guard->forS / 3600
            : null;
    }

    private function limitOf(Guard $guard, Setup $setUp, string $quantity): ?float
    {
        foreach ($guard->when as $condition) {
            $probe = $condition->probe === null ? null : ($setUp->probes[$condition->probe] ?? null);
            if ($condition->above && $probe?->quantity === $quantity) {
                return $condition->limit;
            }
        }

        return null;
    }

    /** @return list<Layer> what closes a line, one of a principle (W-56): two by one principle fail together */
    private function stops(): array
    {
        $layers = [];
        foreach ($this->standing->feedLayers as $i => $layer) {
            if (! $layer->stops()) {
                continue;
            }
            $layers[] = new Layer(
                id: "stop-{$i}",
                name: $layer->label(),
                kind: $layer === FeedLayer::Timer ? LayerKind::Timer : LayerKind::Float,
                fails: Span::sure($this->rates->of(Assumed::TypicalFails)),
                hangs: $layer->isElectric() ? Hangs::onNothing()->on(Part::Source, 'mains') : Hangs::onNothing(),
                actsH: 0.0,
                kin: new Kin("stop by {$layer->principle()}"),
            );
        }

        return $layers;
    }

    /** @return list<Layer> the longest run a set-up allows: through the relay that may have welded */
    private function refillLimit(): array
    {
        $layers = [];
        foreach ($this->standing->setUps as $controller => $setUp) {
            foreach ($setUp->programme->outlets as $outlet) {
                $rule = $outlet->rule;
                if ($rule instanceof Refill && $rule->longestS !== null) {
                    $layers[] = new Layer(
                        id: "longest-{$outlet->id}",
                        name: "the longest run of {$outlet->place}",
                        kind: LayerKind::Timer,
                        fails: Span::sure($this->rates->of(Assumed::TypicalFails)),
                        hangs: Hangs::onNothing()
                            ->on(Part::Controller, (string) $controller)
                            ->on(Part::Relay, $outlet->id),
                        actsH: $rule->longestS / 3600,
                    );
                }
            }
        }

        return $layers;
    }

    /** @return list<Layer> */
    private function emergency(): array
    {
        if (! $this->standing->hasEmergencyDrain) {
            return [];
        }
        $fails = $this->standing->emergencyTested ? Assumed::ProvedFails : Assumed::UntestedFails;

        return [
            new Layer(
                id: 'emergency-drain',
                name: 'the emergency drain',
                kind: LayerKind::Drain,
                fails: Span::sure($this->rates->of($fails)),
                hangs: Hangs::onNothing(),
                isTested: $this->standing->emergencyTested,
            ),
        ];
    }

    /** @return list<Layer> */
    private function generator(): array
    {
        return $this->standing->hasGenerator
            ? [
                new Layer(
                    id: 'generator',
                    name: 'a generator that starts by itself',
                    kind: LayerKind::Generator,
                    fails: Span::sure($this->rates->of(Assumed::TypicalFails)),
                    hangs: Hangs::onNothing(),
                ),
            ]
            : [];
    }

    /** @return list<Layer> fans and chillers, where the room grows hot; heaters are in the course already */
    private function coolers(): array
    {
        if (! $this->hazard->warms($this->moment->tank)) {
            return [];
        }
        $layers = [];
        foreach ([...$this->standing->doing(Job::Chiller), ...$this->standing->doing(Job::Fan)] as $device) {
            $layers[] = new Layer(
                id: "cools-{$device->id}",
                name: $device->name,
                kind: LayerKind::Standby,
                fails: $this->ofDevice($device),
                hangs: $device->hangs(),
                kin: new Kin($device->job->value, $device->ageYears),
                isTested: $device->provenYears !== null,
                testedYears: $device->provenYears,
            );
        }

        return $layers;
    }

    /** The table, or the chance that it died unseen since it was proved: the worse (R-57). */
    private function ofDevice(Device $device): Span
    {
        $age = $device->ageYears ?? $this->standing->systemYears;
        $since = min($device->provenYears ?? $age, $age);
        $table = $this->rates->of($device->provenYears === null ? Assumed::UntestedFails : Assumed::TypicalFails);
        $hidden = $this->rates->hidden($device->job, max(0.0, $age - $since), $since);

        return Span::of(min($table, $hidden), max($table, $hidden), max($table, $hidden));
    }

    /**
     * Alarm, call, person, key: one chain for each way somebody comes (R-56); one person at the end of several is a part they share.
     *
     * @return list<Layer> none: nobody comes
     */
    private function chains(): array
    {
        if ($this->hazard === Hazard::PowerCut && $this->standing->helpBringsAir === false) {
            return [];
        }
        $tank = $this->moment->tank;

        $ways = Response::ways($this->hazard, $tank, $this->moment->alarms, $this->moment->place);

        return array_map($this->chain(...), $ways, array_keys($ways));
    }

    private function chain(Response $response, int $i): Layer
    {
        $typical = $this->rates->of(Assumed::TypicalFails);
        $links = [
            ...$response->via === null ? [] : [$typical, $typical],
            $typical ** max(1, min(2, $response->reachable)),
            ...$response->called?->hasKey === true ? [] : [$typical],
        ];
        $fails = Chain::fails($links);
        // Whoever comes to a dark house with empty hands changes nothing.
        $isSure = $this->hazard !== Hazard::PowerCut || $this->standing->helpBringsAir === true;
        $hangs = $response->via === null ? Hangs::onNothing() : $response->via->hangs ?? self::onAnything();

        return new Layer(
            id: "chain-{$i}",
            name: $response->via === null ? 'help once somebody looks' : $response->how,
            kind: LayerKind::Chain,
            fails: $isSure ? Span::sure($fails) : Span::of($fails, $fails, 1.0),
            hangs: $response->who === null ? $hangs : $hangs->on(Part::Person, $response->who),
            actsH: $response->actsH,
            isTested: $response->via->tested ?? false,
        );
    }

    private static function onAnything(): Hangs
    {
        return Hangs::onNothing()->on(Part::Probe, null)->on(Part::Controller, null);
    }
}
