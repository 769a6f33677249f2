<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Single;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Programme\Blind;
use Velbrin\Core\Control\Programme\Hold;
use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\Layer\Part;
use Velbrin\Core\Risk\Outage;
use Velbrin\Core\Risk\Phrase;
use Velbrin\Core\Risk\Standing\Device;
use Velbrin\Core\Risk\Standing\Standing;
use Velbrin\Core\Risk\TimeToHarm;
use Velbrin\Core\Risk\Tonight;

/**
 * Each thing and each shared cause taken away in turn on the worst day it can meet: cold for heat, hot for cooling and air (X-21, X-22).
 * What is left must carry the function by itself; what follows is followed until nothing new happens.
 */
final class SingleFailures
{
    /** Devices this near in age are of one age, years. */
    private const ONE_AGE_YEARS = 0.25;

    /** What comes so little sooner is the same, hours. */
    private const SOONER_H = 0.1;

    /** @var array<string, list<Harm>> by what is left: most removals leave the same */
    private array $known = [];

    private function __construct(
        private readonly Standing $standing,
        private readonly Tonight $cold,
        private readonly Tonight $hot,
        /** @var array<string, string> what people call a part, "strip:3" */
        private readonly array $names,
    ) {
    }

    /**
     * @param  Tonight  $cold  its coldest moment
     * @param  Tonight  $hot  its hottest
     * @param  array<string, string>  $names  by "strip:3"
     * @return list<Loss> what harms soonest first; what harms not at all last
     *
     * @throws OutOfRange
     */
    public static function of(Standing $standing, Tonight $cold, Tonight $hot, array $names = []): array
    {
        $self = new self($standing, $cold, $hot, $names);
        $losses = [];
        foreach ($self->removals() as [$id, $mode, $gone]) {
            $losses[] = $self->loss($id, $mode, $gone);
        }
        usort($losses, fn (Loss $a, Loss $b): int => ($a->harm->hours ?? INF) <=> ($b->harm->hours ?? INF));

        return $losses;
    }

    /**
     * Several things at once.
     *
     * @param  list<string>  $ids  of devices
     *
     * @throws OutOfRange
     */
    public static function without(array $ids, Standing $standing, Tonight $cold, Tonight $hot): Loss
    {
        $gone = array_values(
            array_filter($standing->devices, fn (Device $d): bool => $d->stands() && in_array($d->id, $ids, true)),
        );

        return (new self($standing, $cold, $hot, []))->loss('several', Mode::Dead, $gone);
    }

    /**
     * Two devices at once, where that harms sooner than either by itself.
     *
     * @param  int  $most  so many of them
     * @return list<Loss> what harms soonest first
     *
     * @throws OutOfRange
     */
    public static function pairs(Standing $standing, Tonight $cold, Tonight $hot, int $most = 8): array
    {
        $self = new self($standing, $cold, $hot, []);
        $carries = array_merge(...array_map(fn (CriticalFunction $f): array => $f->jobs(), CriticalFunction::cases()));
        $devices = array_values(
            array_filter($standing->devices, fn (Device $d): bool => $d->stands() && in_array($d->job, $carries, true)),
        );
        $alone = array_map(fn (Device $d): float => $self->loss("device:{$d->id}", Mode::Dead, [$d])->harm->hours ?? INF, $devices);
        $pairs = [];
        foreach ($devices as $i => $one) {
            foreach (array_slice($devices, $i + 1, preserve_keys: true) as $j => $other) {
                $loss = $self->loss("pair:{$one->id}+{$other->id}", Mode::Dead, [$one, $other]);
                if (($loss->harm->hours ?? INF) < min($alone[$i], $alone[$j]) - self::SOONER_H) {
                    $pairs[] = $loss;
                }
            }
        }
        usort($pairs, fn (Loss $a, Loss $b): int => ($a->harm->hours ?? INF) <=> ($b->harm->hours ?? INF));

        return array_slice($pairs, 0, $most);
    }

    /** @return list<array{0: string, 1: Mode, 2: list<Device>}> */
    private function removals(): array
    {
        $standing = array_values(array_filter($this->standing->devices, fn (Device $d): bool => $d->stands()));
        $all = [];
        $byPart = [];
        foreach ($standing as $device) {
            $all[] = ["device:{$device->id}", Mode::Dead, [$device]];
            if (in_array($device->job, [Job::Heater, Job::TopOff, Job::Doser], true)) {
                $all[] = ["device:{$device->id}", Mode::Stuck, [$device]];
            }
            foreach ($device->hangs()->all() as $part) {
                $byPart[$part][] = $device;
            }
        }
        foreach ($byPart as $part => $devices) {
            // A part that one device alone hangs on is that device over again, but for heads and probes: they decide by themselves.
            $decides = str_starts_with($part, 'controller:') || str_starts_with($part, 'probe:');
            if (count($devices) > 1 || $decides) {
                $all[] = [$part, Mode::Dead, $devices];
            }
        }
        foreach ($this->groups($standing) as $id => $heaters) {
            $all[] = [$id, Mode::Stuck, $heaters];
        }
        foreach ($this->ages($standing) as $id => $devices) {
            $all[] = [$id, Mode::Dead, $devices];
        }
        if ($this->cold->waterside?->hasDrain === true) {
            $all[] = ['drain', Mode::Dead, []];
        }
        $returns = array_values(array_filter($standing, fn (Device $d): bool => $d->job === Job::ReturnPump));
        if ($this->cold->waterside?->draining !== null && $returns !== []) {
            $all[] = ['return-line', Mode::Dead, $returns];
        }
        if ($this->cold->waterside?->leakL !== null) {
            $all[] = ['seam', Mode::Dead, []];
        }
        if ($this->cold->waterside?->roomTempered === true) {
            $all[] = ['room-climate', Mode::Dead, []];
        }
        $all[] = ['mains', Mode::Dead, $standing];

        return $all;
    }

    /**
     * @param  list<Device>  $standing
     * @return array<string, list<Device>> heaters on one switch, where there are several
     */
    private function groups(array $standing): array
    {
        $groups = [];
        foreach ($standing as $device) {
            if ($device->job === Job::Heater && $device->group !== null) {
                $groups["switch:{$device->group}"][] = $device;
            }
        }

        return array_filter($groups, fn (array $g): bool => count($g) > 1);
    }

    /**
     * @param  list<Device>  $standing
     * @return array<string, list<Device>> devices of one kind and one age, where there are several
     */
    private function ages(array $standing): array
    {
        $ages = [];
        foreach ($standing as $device) {
            if ($device->ageYears === null) {
                continue;
            }
            foreach ($standing as $other) {
                $isTwin = $other !== $device
                    && $other->job === $device->job
                    && $other->ageYears !== null
                    && abs($other->ageYears - $device->ageYears) <= self::ONE_AGE_YEARS;
                if ($isTwin) {
                    $ages["age:{$device->job->value}"][$device->id] = $device;
                }
            }
        }

        return array_map(array_values(...), $ages);
    }

    /** @param  list<Device>  $gone */
    private function loss(string $id, Mode $mode, array $gone): Loss
    {
        [$dead, $stuck, $needs] = $this->spread($id, $mode, $gone);
        $isMains = $id === 'mains';
        $left = array_values(
            array_filter(
                $this->standing->devices,
                fn (Device $d): bool => $d->stands() && ! in_array($d, $dead, true),
            ),
        );
        $events = [];
        $harms = [];
        foreach ($this->following($id, $isMains, $left, $dead, $stuck) as [$code, $says, $after, $more]) {
            foreach ($more as $harm) {
                $harms[] = $after <= 0 ? $harm : self::later($harm, $after);
            }
            $events[] = new Event($code, $after, $says);
        }
        usort($events, fn (Event $a, Event $b): int => $a->atH <=> $b->atH);
        usort($harms, fn (Harm $a, Harm $b): int => ($a->hours ?? INF) <=> ($b->hours ?? INF));
        $first = $harms[0] ?? null;
        $needs = [...$needs, ...$first->needs ?? []];

        return new Loss(
            id: $id,
            name: $this->name($id, $gone),
            mode: $mode,
            devices: array_map(fn (Device $d): string => $d->name, [...$dead, ...$stuck]),
            functions: $this->functionsLost($left, $dead, $isMains),
            harm: $first,
            events: $events,
            floorL: $this->floorL($harms),
            needs: array_values(array_unique($needs)),
        );
    }

    /**
     * Which devices no longer work, and which run on.
     *
     * @param  list<Device>  $gone
     * @return array{0: list<Device>, 1: list<Device>, 2: list<string>}
     */
    private function spread(string $id, Mode $mode, array $gone): array
    {
        if ($mode === Mode::Stuck) {
            return [[], $gone, []];
        }
        $dead = $stuck = $needs = [];
        foreach ($gone as $device) {
            [$level, $summer] = match (true) {
                str_starts_with($id, 'controller:') => $this->silentLevels($device),
                str_starts_with($id, 'probe:') => array_fill(0, 2, $this->blindLevel($device, substr($id, 6))),
                default => [0.0, 0.0],
            };
            if ($level === null) {
                $needs[] = str_starts_with($id, 'probe:')
                    ? "what {$device->name} does when its probe is dead"
                    : "what {$device->name} does when the link is lost";
            }
            if (($level ?? 0.0) <= 0) {
                $dead[] = $device;
            }
            // Off in the cold months and on in the warm ones, it does both kinds of harm (X-26).
            $isLeftOn = max($level ?? 0.0, $summer ?? 0.0) > 0;
            $isUnguarded = $device->job === Job::Heater
                ? $device->ownThermostat !== true
                : in_array($device->job, [Job::TopOff, Job::Doser], true);
            if ($isLeftOn && $isUnguarded) {
                $stuck[] = $device;
            }
        }

        return [$dead, $stuck, $needs];
    }

    /** @return array{0: float|null, 1: float|null} in the cold months and in the warm ones; null: nobody has said */
    private function silentLevels(Device $device): array
    {
        foreach ($this->standing->setUps as $setUp) {
            foreach ($setUp->programme->outlets as $outlet) {
                if ($outlet->id === $device->outlet) {
                    return [$outlet->lostLinkAt(false), $outlet->lostLinkAt(true)];
                }
            }
        }

        return [null, null];
    }

    private function blindLevel(Device $device, string $probe): ?float
    {
        foreach ($this->standing->setUps as $setUp) {
            foreach ($setUp->programme->outlets as $outlet) {
                if ($outlet->id === $device->outlet && $outlet->rule instanceof Hold && $outlet->rule->probe === $probe) {
                    return match ($outlet->rule->blind) {
                        Blind::Off => 0.0,
                        Blind::On => 1.0,
                        Blind::AsItWas, null => null,
                    };
                }
            }
        }

        return 1.0;
    }

    /**
     * What follows, each once: a code, in words, hours after the first, and the harms it brings.
     *
     * @param  list<Device>  $left
     * @param  list<Device>  $dead
     * @param  list<Device>  $stuck
     * @return list<array{0: string, 1: Sentence, 2: float, 3: list<Harm>}>
     */
    private function following(string $id, bool $isMains, array $left, array $dead, array $stuck): array
    {
        $steps = [];
        $had = fn (Job ...$jobs): bool => self::any($dead, ...$jobs);
        $has = fn (Job ...$jobs): bool => self::any($left, ...$jobs);
        if ($isMains || ($had(Job::CirculationPump, Job::ReturnPump) && ! $has(Job::CirculationPump, Job::ReturnPump))) {
            $tank = $isMains ? $this->hot : $this->hot->with(batteryH: self::any($left, Job::Battery) ? null : 0.0);
            $air = Outage::oxygen($tank);
            $steps[] = ['no-air', Sentence::of(Phrase::NothingMovesTheWater), 0.0, $tank->hasAnimals ? [$air] : []];
        }
        if ($isMains || $had(Job::Heater)) {
            $heaters = $isMains ? [] : self::heaters($left);
            $tank = $this->cold->with(heaters: $heaters, backgroundW: $isMains ? 0.0 : null);
            $steps[] = [
                'no-heat',
                Sentence::of(Phrase::WhatStillHeatsHasToHold),
                0.0,
                $this->harms(Hazard::TooCold, $tank),
            ];
        }
        if (! $isMains && $had(Job::Chiller, Job::Fan) && ! $has(Job::Chiller, Job::Fan)) {
            $steps[] = ['no-cooling', Sentence::of(Phrase::NothingCoolsOnTheHottestDay), 0.0, $this->uncooled()];
        }
        if (! $isMains && $had(Job::ReturnPump) && ! $has(Job::ReturnPump)) {
            $steps[] = [
                'no-flow',
                Sentence::of(Phrase::TheReturnStops),
                0.0,
                $this->harms(Hazard::ReturnDead, $this->cold->with(movers: self::movers($left))),
            ];
        }
        if (! $isMains && $had(Job::TopOff)) {
            $steps[] = ['no-top-off', Sentence::of(Phrase::WhatEvaporatesIsNotMadeUp), 0.0, $this->harms(Hazard::TopOffOff, $this->hot)];
        }
        if (! $isMains && $had(Job::Light) && ! $has(Job::Light)) {
            $steps[] = ['no-light', Sentence::of(Phrase::ItStandsInTheDark), 0.0, $this->harms(Hazard::LampDead, $this->cold)];
        }
        if (self::any($stuck, Job::Heater)) {
            $tank = $this->hot->with(heaters: [self::oneSwitch($stuck)]);
            $steps[] = ['heats-on', Sentence::of(Phrase::ItHeatsWithoutAnEnd), 0.0, $this->harms(Hazard::HeaterStuckOn, $tank)];
        }
        if (self::any($stuck, Job::TopOff)) {
            $steps[] = [
                'fills-on',
                Sentence::of(Phrase::FreshWaterRunsInUntilSomething),
                0.0,
                $this->harms(Hazard::TopOffOn, $this->cold),
            ];
        }
        if (self::any($stuck, Job::Doser)) {
            $steps[] = ['doses-on', Sentence::of(Phrase::ItsVesselRunsIntoTheWater), 0.0, $this->harms(Hazard::Overdose, $this->cold)];
        }
        if ($id === 'drain') {
            $steps = [...$steps, ...$this->blocked()];
        }
        if ($id === 'return-line') {
            $off = $this->cold->waterside->draining?->lineOff() ?? [];
            $steps[] = ['line-off', Sentence::of(Phrase::WhatTheReturnLiftsIsOnTheFloor), 0.0, $off];
        }
        if ($id === 'seam') {
            $steps[] = ['leaks', Sentence::of(Phrase::WaterLeavesThroughASeam), 0.0, $this->harms(Hazard::Leak, $this->cold)];
        }
        if ($id === 'room-climate') {
            $steps[] = ['room', Sentence::of(Phrase::TheWaterGoesWithItsRoom), 0.0, [
                ...$this->harms(Hazard::RoomClimate, $this->cold),
                ...$this->harms(Hazard::RoomClimate, $this->hot),
            ]];
        }

        return $steps;
    }

    /**
     * The display rises, the return chamber falls; whichever is at its end first decides, and a top-off pours after it.
     *
     * @return list<array{0: string, 1: Sentence, 2: float, 3: list<Harm>}>
     */
    private function blocked(): array
    {
        $draining = $this->cold->waterside?->draining;
        $first = $this->harms(Hazard::DrainBlocked, $this->cold);
        $steps = [['drain-blocked', Sentence::of(Phrase::ADrainIsBlocked), 0.0, $first]];
        if ($draining === null || $this->standing->hasEmergencyDrain) {
            return $this->standing->hasEmergencyDrain
                ? [['drain-blocked', Sentence::of(Phrase::ADrainIsBlockedThe), 0.0, []]]
                : $steps;
        }
        $floods = $draining->floodsH();
        $dry = $draining->dryH();
        if ($floods !== null) {
            $litres = Quantity::of($draining->floorL(), Kind::Volume);
            $steps[] = ['floods', Sentence::of(Phrase::ItRunsOverTheRim, ['litres' => $litres]), $floods, []];
        }
        if ($dry !== null) {
            $steps[] = ['return-dry', Sentence::of(Phrase::TheReturnChamberIsEmpty), $dry, []];
            $steps[] = ['no-flow', Sentence::of(Phrase::DisplayAndSumpPart), $dry, $this->harms(Hazard::ReturnDead, $this->cold)];
            if ($this->cold->waterside->topUp !== null) {
                $steps[] = ['fills-on', Sentence::of(Phrase::TheTopOffSeesALow), $dry, []];
            }
        }

        return $steps;
    }

    /** @return list<Harm> the hottest room, all that gives heat but no heater, nothing that cools */
    private function uncooled(): array
    {
        $tank = $this->hot;
        $course = $tank->heat->hotCourse($tank->backgroundW, $tank->roomC, $tank->setpointC, $tank->highC);

        return $tank->hasAnimals
            ? [new Harm('temperature', $course->hoursToLimit, Quantity::of($tank->highC, Kind::Temperature))]
            : [];
    }

    /** @return list<Harm> */
    private function harms(Hazard $hazard, Tonight $tank): array
    {
        $key = $hazard->value.'|'.$tank->roomC.'|'.implode(',', array_map(
            fn (Heater $h): string => "{$h->watts}{$h->switch}",
            $tank->heaters,
        )).'|'.$tank->backgroundW.'|'.$tank->movers;

        return $this->known[$key] ??= TimeToHarm::of($hazard, $tank);
    }

    /**
     * @param  list<Device>  $left
     * @param  list<Device>  $dead
     * @return list<CriticalFunction>
     */
    private function functionsLost(array $left, array $dead, bool $isMains): array
    {
        $lost = [];
        foreach (CriticalFunction::cases() as $function) {
            $jobs = $function->jobs();
            $had = self::any($dead, ...$jobs);
            if (! $had) {
                continue;
            }
            $holds = match ($function) {
                CriticalFunction::Heat => ! $isMains && $this->heatHolds($left),
                default => ! $isMains && self::any($left, ...$jobs),
            };
            if (! $holds) {
                $lost[] = $function;
            }
        }

        return $lost;
    }

    /** @param  list<Device>  $left  heaters hold if the coldest night does not cross harm */
    private function heatHolds(array $left): bool
    {
        $harms = $this->harms(Hazard::TooCold, $this->cold->with(heaters: self::heaters($left)));

        return ($harms[0]->hours ?? null) === null;
    }

    /** @param  list<Harm>  $harms */
    private function floorL(array $harms): float
    {
        foreach ($harms as $harm) {
            if ($harm->spills && $harm->hours !== null) {
                return $harm->limit->kind === Kind::Volume ? $harm->limit->value : 0.0;
            }
        }

        return 0.0;
    }

    /** @param  list<Device>  $gone */
    private function name(string $id, array $gone): string
    {
        [$kind, $name] = [...explode(':', $id, 2), ''];

        return match (true) {
            isset($this->names[$id]) => $this->names[$id],
            $kind === 'device' => $gone[0]->name ?? $id,
            $kind === 'pair' => implode(' and ', array_map(fn (Device $d): string => $d->name, $gone)),
            $kind === 'age' => 'all of one age: '.implode(', ', array_map(fn (Device $d): string => $d->name, $gone)),
            $kind === 'mains' => 'the mains',
            $kind === 'drain' => 'the main drain',
            $kind === 'seam' => 'a seam',
            $kind === 'return-line' => 'the line of the return',
            $kind === 'room-climate' => 'the room’s climate',
            default => (Part::tryFrom($kind)?->label() ?? $kind)." {$name}",
        };
    }

    private static function later(Harm $harm, float $byH): Harm
    {
        return new Harm(
            by: $harm->by,
            hours: $harm->hours === null ? null : $harm->hours + $byH,
            limit: $harm->limit,
            assumed: $harm->assumed,
            needs: $harm->needs,
            spills: $harm->spills,
        );
    }

    /** @param  list<Device>  $left */
    private static function movers(array $left): ?int
    {
        return count(array_filter($left, fn (Device $d): bool => $d->job === Job::CirculationPump && ! $d->inSump)) ?: null;
    }

    /** @param  list<Device>  $devices */
    private static function any(array $devices, Job ...$jobs): bool
    {
        foreach ($devices as $device) {
            if (in_array($device->job, $jobs, true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Device>  $devices
     * @return list<Heater>
     */
    private static function heaters(array $devices): array
    {
        $heaters = array_filter($devices, fn (Device $d): bool => $d->job === Job::Heater);

        return array_values(
            array_map(
                fn (Device $d): Heater => new Heater($d->name, $d->watts ?? 0.0, $d->group ?? $d->id, $d->inSump),
                $heaters,
            ),
        );
    }

    /** @param  list<Device>  $stuck */
    private static function oneSwitch(array $stuck): Heater
    {
        $watts = array_sum(array_map(fn (Heater $h): float => $h->watts, self::heaters($stuck)));

        return new Heater('stuck', $watts, 'stuck');
    }
}
