<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Standing;

use Velbrin\Core\Build\FeedLayer;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\FailureChance;
use Velbrin\Core\Risk\Fault\Dose;
use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\Layer\Hangs;
use Velbrin\Core\Risk\Layer\Initiator;
use Velbrin\Core\Risk\Layer\Kin;
use Velbrin\Core\Risk\Layer\Part;
use Velbrin\Core\Risk\Rate\Assumed;
use Velbrin\Core\Risk\Rate\Rates;
use Velbrin\Core\Risk\Rate\Span;
use Velbrin\Core\Risk\TimeToHarm;
use Velbrin\Core\Risk\Tonight;

/** Every way a hazard begins: what fails, how often at its age, what then harms and how soon (R-20, R-54). */
final readonly class Scenes
{
    /** So much older a tank of unknown age may be than the system it stands in. */
    private const USED_YEARS = 10.0;

    private function __construct(
        private Hazard $hazard,
        private Standing $standing,
        private Moment $moment,
        private Rates $rates,
    ) {
    }

    /**
     * @return list<Scene> none where it cannot happen
     *
     * @throws OutOfRange
     */
    public static function of(Hazard $hazard, Standing $standing, Moment $moment, Rates $rates): array
    {
        $self = new self($hazard, $standing, $moment, $rates);

        return match ($hazard) {
            Hazard::HeaterStuckOn => $self->stuckOn(),
            Hazard::HeaterStuckOff => $self->stuckOff(),
            Hazard::PowerCut => $self->powerCut(),
            Hazard::ReturnDead => $self->returns(),
            Hazard::LampDead => $self->lamps(),
            Hazard::Overdose => $self->doses(),
            Hazard::DoseStops => $self->dosesStop(),
            Hazard::TopOffOn => $self->topOffOn(),
            default => $self->plain(),
        };
    }

    /** @return list<Scene> */
    private function stuckOn(): array
    {
        $scenes = [];
        foreach ($this->standing->heaterGroups() as $group) {
            $heaters = array_map(self::heater(...), $group);
            $harms = TimeToHarm::of($this->hazard, $this->moment->tank->with(heaters: $heaters));
            $rate = $this->worn($group, Assumed::HeaterOnShare)->plus($this->relay($group[0]));
            $scenes = [...$scenes, ...$this->each($this->fault($group, isSwitch: true), $rate, $harms)];
        }

        return $scenes;
    }

    /** @return list<Scene> each group by itself, and all of them by one cause */
    private function stuckOff(): array
    {
        $groups = array_values($this->standing->heaterGroups());
        $scenes = $rates = [];
        $offShare = 1 - $this->rates->of(Assumed::HeaterOnShare);
        foreach ($groups as $i => $group) {
            $rest = array_merge([], ...array_values(array_diff_key($groups, [$i => 1])));
            $rates[] = $rate = $this->worn($group)->times($offShare);
            $left = array_map(self::heater(...), $rest);
            $harms = TimeToHarm::of(Hazard::TooCold, $this->moment->tank->with(heaters: $left));
            $scenes = [...$scenes, ...$this->each($this->fault($group), $rate, $harms)];
        }
        if (count($groups) > 1) {
            $harms = TimeToHarm::of(Hazard::TooCold, $this->moment->tank->with(heaters: []));
            $fault = new Initiator('all heaters by one cause', Hangs::onNothing());
            $scenes = [...$scenes, ...$this->each($fault, $this->together($groups, $rates), $harms)];
        }

        return $scenes;
    }

    /**
     * With its battery and without: a cut that lasts until the harm is what counts, once (R-58).
     *
     * @return list<Scene>
     */
    private function powerCut(): array
    {
        $tank = $this->moment->tank;
        $fault = new Initiator('the mains', Hangs::onNothing()->on(Part::Source, 'mains'));
        $batteries = $this->standing->doing(Job::Battery);
        if ($tank->batteryH <= 0 || $batteries === []) {
            return $this->outage($fault, $tank, Span::sure(1.0));
        }
        $dead = $this->hidden($batteries[0]);
        $works = Span::of(1 - $dead->high, 1 - $dead->likely, 1 - $dead->low);

        return [
            ...$this->outage($fault, $tank, $works),
            ...$this->outage($fault, $tank->with(batteryH: 0.0), $dead),
        ];
    }

    /** @return list<Scene> */
    private function outage(Initiator $fault, Tonight $tank, Span $share): array
    {
        $harm = TimeToHarm::of($this->hazard, $tank)[0] ?? null;
        $rate = $harm?->hours === null ? Span::sure(0.0) : $share->times($this->rates->outagesOf($harm->hours));

        return $harm === null ? [] : $this->each($fault, $rate, [$harm]);
    }

    /** @return list<Scene> one of several leaves the others; all of them stop by one cause */
    private function returns(): array
    {
        return $this->ofSeveral(
            array_map(fn (Device $d): array => [$d], $this->standing->doing(Job::ReturnPump)),
            Span::sure($this->rates->of(Assumed::ReturnBlocked)),
        );
    }

    /** @return list<Scene> */
    private function lamps(): array
    {
        return $this->ofSeveral(
            array_map(fn (Device $d): array => [$d], $this->standing->doing(Job::Light)),
            Span::sure(0.0),
        );
    }

    /**
     * @param  list<non-empty-list<Device>>  $groups
     * @return list<Scene>
     */
    private function ofSeveral(array $groups, Span $beside): array
    {
        $harms = TimeToHarm::of($this->hazard, $this->moment->tank);
        if (count($groups) < 2) {
            $group = $groups[0] ?? [];
            $rate = $group === [] ? $beside->plus($this->unknownAge(Job::ReturnPump)) : $beside->plus($this->worn($group));

            return $this->each($this->fault($group), $rate, $harms);
        }
        $rates = array_map(fn (array $g): Span => $beside->plus($this->worn($g)), $groups);
        $fault = new Initiator('all of them by one cause', Hangs::onNothing());

        return $this->each($fault, $this->together($groups, $rates), $harms);
    }

    /** @return list<Scene> a head runs on; somebody fills its vessel with the wrong thing; its line siphons, and no relay stops that */
    private function doses(): array
    {
        $scenes = [];
        $mixUps = Span::sure($this->rates->of(Assumed::MixUp) * $this->standing->visitsYear);
        foreach ($this->moment->tank->waterside->doses ?? [] as $dose) {
            if (! $dose->mayHarm()) {
                continue;
            }
            $heads = $this->giving($dose);
            $rate = $heads === [] ? $this->unknownAge(Job::Doser) : $this->worn($heads);
            $over = $rate->times($this->rates->of(Assumed::DoserOverShare));
            $hasAnimals = $this->moment->tank->hasAnimals;
            $harms = $hasAnimals ? [$dose->harm()] : [];
            $scenes = [...$scenes, ...$this->each($this->fault($heads, isSwitch: true), $over, $harms)];
            if ($dose->isReactor) {
                continue;
            }
            $wrong = new Initiator("the wrong thing in the vessel of {$dose->name}", Hangs::onNothing(), outlets: self::outlets($heads));
            $scenes = [...$scenes, ...$this->each($wrong, $mixUps, $harms)];
            if ($hasAnimals && $dose->maySiphon()) {
                $siphon = new Initiator("the line of {$dose->name} siphons", Hangs::onNothing());
                $scenes = [...$scenes, ...$this->each($siphon, $this->siphons($dose), [$dose->siphons()])];
            }
        }

        return $scenes;
    }

    /** Where nobody has looked whether it can, at most as often as where it can. */
    private function siphons(Dose $dose): Span
    {
        $rate = $this->rates->of(Assumed::DoserSiphons);

        return $dose->line->canSiphon() === true ? Span::sure($rate) : Span::of(0.0, $rate / 2, $rate);
    }

    /**
     * @param  list<Device>  $devices
     * @return list<string>
     */
    private static function outlets(array $devices): array
    {
        return array_values(array_filter(array_map(fn (Device $d): ?string => $d->outlet, $devices)));
    }

    /** @return list<Device> */
    private function giving(Dose $dose): array
    {
        $givers = [...$this->standing->doing(Job::Doser), ...$this->standing->doing(Job::Reactor)];

        return array_values(array_filter($givers, fn (Device $d): bool => $d->name === $dose->name));
    }

    /** @return list<Scene> worn out, empty or full of air: what it gave goes on being used */
    private function dosesStop(): array
    {
        $scenes = [];
        foreach ($this->moment->tank->waterside->doses ?? [] as $dose) {
            if (! $dose->mayHarm() || ! $this->moment->tank->hasAnimals) {
                continue;
            }
            $heads = $this->giving($dose);
            $rate = $heads === [] ? $this->unknownAge(Job::Doser) : $this->worn($heads);
            $under = $rate->times(1 - $this->rates->of(Assumed::DoserOverShare));
            $fallDkh = $this->rates->of(Assumed::DoseFallDkh);
            $scenes = [...$scenes, ...$this->each($this->fault($heads), $under, [$dose->stops($fallDkh)])];
        }

        return $scenes;
    }

    /** @return list<Scene> it runs on; and its line comes off, when all it brings goes on the floor */
    private function topOffOn(): array
    {
        $devices = $this->standing->doing(Job::TopOff);
        $wear = $devices === [] ? $this->unknownAge(Job::TopOff) : $this->worn($devices);
        $rate = $wear->times($this->rates->of(Assumed::TopOffOnShare));
        if ($devices !== []) {
            $rate = $rate->plus($this->relay($devices[0]));
        }
        $harms = TimeToHarm::of($this->hazard, $this->moment->tank);
        $spills = array_values(array_filter($harms, fn (Harm $h): bool => $h->spills && $h->hours !== null));
        $scenes = $this->each($this->fault($devices, isSwitch: true), $rate, $harms);
        if ($spills === []) {
            return $scenes;
        }
        $off = new Harm(by: 'floor', hours: 0.0, limit: $spills[0]->limit, spills: true);
        $fault = new Initiator('its line comes off', Hangs::onNothing());

        return [...$scenes, ...$this->each($fault, Span::sure($this->rates->of(Assumed::LineOff)), [$off])];
    }

    /** @return list<Scene> whatever has one rate */
    private function plain(): array
    {
        $harms = TimeToHarm::of($this->hazard, $this->moment->tank);
        $devices = match ($this->hazard) {
            Hazard::TopOffOff => $this->standing->doing(Job::TopOff),
            Hazard::ControllerDead => $this->standing->doing(Job::Controller),
            Hazard::LineOverflow => $this->standing->doing(Job::RoUnit),
            Hazard::SkimmerOverflow => $this->standing->doing(Job::Skimmer),
            default => [],
        };

        return $this->each($this->fault($devices), $this->plainRate($devices), $harms);
    }

    /** @param  list<Device>  $devices */
    private function plainRate(array $devices): Span
    {
        $of = fn (Assumed $what): Span => Span::sure($this->rates->of($what));
        $wear = fn (Job $job): Span => $devices === [] ? $this->unknownAge($job) : $this->worn($devices);

        return match ($this->hazard) {
            // Once a season, whatever share of it these nights are: the moments' shares are taken out again.
            Hazard::TooCold => $of(Assumed::ColdSeason),
            Hazard::TopOffOff => $wear(Job::TopOff)
                ->times(1 - $this->rates->of(Assumed::TopOffOnShare))
                ->plus($this->shutStops()),
            Hazard::ControllerDead => $wear(Job::Controller)->plus($of(Assumed::LinkLost)),
            Hazard::DrainBlocked => $of(
                $this->standing->isDrainGuarded ? Assumed::DrainGuarded : Assumed::DrainSingle,
            ),
            Hazard::RoomClimate => $of(Assumed::RoomFails)->plus($of(Assumed::RoomSwitchedOff)),
            Hazard::Leak => $this->seams(),
            Hazard::LineOverflow => $wear(Job::RoUnit)
                ->times($this->rates->of(Assumed::SwitchOnShare))
                ->plus($of(Assumed::HoseLeft)->times($this->standing->visitsYear)),
            Hazard::SkimmerOverflow => $of(Assumed::SkimmerOver),
            Hazard::LeftOpen => $of(Assumed::LeftOpen)->times($this->standing->visitsYear),
            Hazard::Ammonia => $of(Assumed::Ammonia),
            Hazard::Arrival => $this->moment->tank->waterside?->slow()->diseaseRate() ?? Span::sure(0.0),
            default => Span::sure(0.0),
        };
    }

    /** What can stop a line can stick shut: each protection brings a failure of its own (R-30). */
    private function shutStops(): Span
    {
        $stops = count(array_filter($this->standing->feedLayers, fn (FeedLayer $l): bool => $l->stops()));

        return $this->unknownAge(Job::FloatSwitch)->times($stops * (1 - $this->rates->of(Assumed::SwitchOnShare)));
    }

    private function seams(): Span
    {
        $chance = fn (float $age): float => FailureChance::of(
            $age,
            1.0,
            $this->rates->of(Assumed::SeamYears),
            $this->rates->of(Assumed::SeamShape),
        );
        $years = $this->standing->seamYears;
        if ($years !== null) {
            return Span::sure($chance($years));
        }
        $system = $this->standing->systemYears;

        // Older than the system it may be: a tank that came used. Younger it is not.
        return Span::of($chance($system), $chance($system), $chance($system + self::USED_YEARS));
    }

    /**
     * What wears fastest in a group speaks for it: its thermostat is the one that sticks.
     *
     * @param  non-empty-list<Device>  $group
     */
    private function worn(array $group, ?Assumed $share = null): Span
    {
        $worst = Span::sure(0.0);
        foreach ($group as $device) {
            $rate = $this->rates->yearly($device->job, $device->ageYears, $this->standing->systemYears);
            if ($rate !== null && $rate->high > $worst->high) {
                $worst = $rate;
            }
        }

        return $share === null ? $worst : $worst->times($this->rates->of($share));
    }

    private function unknownAge(Job $job): Span
    {
        return $this->rates->yearly($job, null, $this->standing->systemYears) ?? Span::sure(0.0);
    }

    /** The relay of a controller's outlet can weld; one on its own thermostat has none. */
    private function relay(Device $device): Span
    {
        return $device->outlet === null
            ? Span::sure(0.0)
            : $this->unknownAge(Job::FloatSwitch)->times($this->rates->of(Assumed::SwitchOnShare));
    }

    /**
     * Doubled devices that fail together: a share of the less likely one's failures.
     *
     * @param  list<non-empty-list<Device>>  $groups
     * @param  list<Span>  $rates
     */
    private function together(array $groups, array $rates): Span
    {
        $kins = array_map(fn (array $g): Kin => self::kin($g[0]), $groups);
        $areTwins = true;
        foreach ($kins as $kin) {
            $areTwins = $areTwins && $kin->isTwinOf($kins[0]);
        }
        $least = $rates[0] ?? Span::sure(0.0);
        foreach ($rates as $rate) {
            $least = $rate->likely < $least->likely ? $rate : $least;
        }

        return $least->times($this->rates->of($areTwins ? Assumed::BetaTwins : Assumed::Beta));
    }

    private function hidden(Device $device): Span
    {
        $age = $device->ageYears ?? $this->standing->systemYears;
        if ($device->provenYears !== null) {
            $since = min($device->provenYears, $age);

            return Span::sure($this->rates->hidden($device->job, max(0.0, $age - $since), $since));
        }
        // Never proved: it may have been dead from the first day on.
        $dead = $this->rates->hidden($device->job, 0.0, $age);
        $untested = max($dead, $this->rates->of(Assumed::UntestedFails));

        return Span::of(min($dead, $untested), $untested, $untested);
    }

    /** @param  list<Device>  $group */
    private function fault(array $group, bool $isSwitch = false): Initiator
    {
        if ($group === []) {
            return new Initiator(lcfirst($this->hazard->label()), Hangs::onNothing());
        }
        $first = $group[0];
        $hangs = Hangs::onNothing();
        // What runs on because its relay welds takes with it everything that would have to open that relay.
        if ($isSwitch && $first->outlet !== null) {
            $hangs = $hangs->on(Part::Relay, $first->outlet);
        }
        if ($this->hazard === Hazard::ControllerDead) {
            foreach (array_keys($this->standing->setUps) as $controller) {
                $hangs = $hangs->on(Part::Controller, $controller);
            }
        }
        if ($first->job === Job::ReturnPump) {
            $hangs = $hangs->on(Part::Pump, $first->id);
        }
        $names = implode(' and ', array_map(fn (Device $d): string => $d->name, $group));

        return new Initiator($names, $hangs, self::kin($first), self::outlets($group));
    }

    /**
     * What lies on the floor and what harms animals are two losses: the soonest of each.
     *
     * @param  list<Harm>  $harms  the soonest first
     * @return list<Scene>
     */
    private function each(Initiator $fault, Span $rate, array $harms): array
    {
        $scenes = [];
        foreach ([true, false] as $spills) {
            foreach ($harms as $harm) {
                if ($harm->spills === $spills) {
                    $layers = LayersAgainst::of($this->hazard, $fault, $harm, $this->standing, $this->moment, $this->rates);
                    $scenes[] = new Scene($fault, $rate, $harm, $layers);

                    break;
                }
            }
        }

        return $scenes;
    }

    private static function heater(Device $device): Heater
    {
        return new Heater($device->name, $device->watts ?? 0.0, $device->group ?? $device->id, $device->inSump);
    }

    private static function kin(Device $device): Kin
    {
        return new Kin($device->job->value, $device->ageYears);
    }
}
