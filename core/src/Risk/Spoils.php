<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Risk\Fault\Fills;
use Velbrin\Core\Risk\Fault\LostOutlet;

/** Harm by water that goes astray, salt, doses, darkness, a silent controller (R-2, R-3, R-6, R-7, R-10 … R-15, R-17). */
final class Spoils
{
    /**
     * Every way it harms; none where what can fail does not stand there.
     *
     * @return list<Harm>
     *
     * @throws OutOfRange
     */
    public static function of(Hazard $hazard, Tonight $tank): array
    {
        $side = $tank->waterside;
        if ($side === null) {
            return [];
        }

        return match ($hazard) {
            Hazard::Overdose => self::soonest($side->doses, fn (Fault\Dose $d): Harm => $d->soonest()),
            Hazard::DoseStops => $tank->hasAnimals
                ? self::soonest($side->doses, fn (Fault\Dose $d): Harm => $d->stops($side->slow()->doseFallDkh()))
                : [],
            Hazard::TopOffOn => $side->topUp?->on() ?? [],
            Hazard::TopOffOff => $side->topUp?->off() ?? [],
            Hazard::DrainBlocked => $side->draining?->harms() ?? self::unknownDrain($tank),
            Hazard::LineOverflow => array_merge(...array_map(fn (Fills $f): array => $f->harms(), $side->fills)),
            Hazard::SkimmerOverflow => $side->skimmer?->harms() ?? [],
            Hazard::ControllerDead => self::silent($tank),
            Hazard::RoomClimate => self::unknownRoom($tank),
            Hazard::LampDead => $side->hasLamp ? [$side->slow()->dark()] : [],
            Hazard::Leak => $side->leakL === null ? [] : [self::leak($side->leakL)],
            Hazard::LeftOpen => self::leftOpen($tank),
            Hazard::Ammonia => [$side->slow()->fouled()],
            Hazard::Arrival => $side->slow()->disease(),
            default => [],
        };
    }

    /**
     * @param  list<Fault\Dose>  $doses
     * @param  \Closure(Fault\Dose): Harm  $harm
     * @return list<Harm>
     */
    private static function soonest(array $doses, \Closure $harm): array
    {
        $harms = [];
        foreach ($doses as $dose) {
            if ($dose->mayHarm()) {
                $harms[] = $harm($dose);
            }
        }
        usort($harms, fn (Harm $a, Harm $b): int => ($a->hours ?? INF) <=> ($b->hours ?? INF));

        return array_slice($harms, 0, 1);
    }

    /** @return list<Harm> a drain stands there and nobody has described it: it may flood within minutes */
    private static function unknownDrain(Tonight $tank): array
    {
        $side = $tank->waterside;
        if ($side === null || ! $side->hasDrain) {
            return [];
        }

        return [
            new Harm(
                by: 'floor',
                hours: 0.0,
                limit: Quantity::of(0.0, Kind::Volume),
                assumed: true,
                needs: $side->unknown,
                spills: true,
            ),
        ];
    }

    /** @return list<Harm> what tempers the room is known, what the room comes to without it is not */
    private static function unknownRoom(Tonight $tank): array
    {
        $side = $tank->waterside;
        if ($side?->roomTempered !== true || $side->roomUntemperedC !== null) {
            return [];
        }

        return [
            new Harm(
                by: 'temperature',
                hours: 0.0,
                limit: Quantity::of($tank->setpointC, Kind::Temperature),
                assumed: true,
                needs: ['what the room comes to when nothing tempers it'],
            ),
        ];
    }

    /**
     * Every outlet goes to what it does without a link; the soonest of what follows from all of them together.
     *
     * @return list<Harm>
     *
     * @throws OutOfRange
     */
    private static function silent(Tonight $tank): array
    {
        $lost = $tank->waterside?->lost;
        if ($lost === null) {
            return [];
        }
        $unsaid = array_filter($lost, fn (LostOutlet $o): bool => $o->level === null);
        $isOff = fn (Job $job): bool => self::stands($lost, $job, on: false);
        $isOn = fn (Job $job): bool => self::stands($lost, $job, on: true);
        $heaters = self::heatersLeft($tank->heaters, $lost);
        $harms = [];
        $cold = TimeToHarm::of(Hazard::TooCold, $tank->with(heaters: $heaters));
        if (count($heaters) < count($tank->heaters)) {
            $harms = [...$harms, ...$cold];
        }
        $bare = array_filter(
            $lost,
            fn (LostOutlet $o): bool => $o->job === Job::Heater && $o->level !== 0.0 && $o->ownThermostat !== true,
        );
        if ($bare !== [] && $tank->heaters !== []) {
            $watts = array_sum(array_map(fn (LostOutlet $o): float => $o->watts, $bare));
            $stuck = [new Heater('left on', $watts, 'controller')];
            $harms = [...$harms, ...TimeToHarm::of(Hazard::HeaterStuckOn, $tank->with(heaters: $stuck))];
        }
        if ($isOff(Job::ReturnPump)) {
            $harms = [...$harms, ...TimeToHarm::of(Hazard::ReturnDead, $tank)];
        }
        if ($isOff(Job::TopOff)) {
            $harms = [...$harms, ...self::of(Hazard::TopOffOff, $tank)];
        }
        if ($isOn(Job::TopOff)) {
            $harms = [...$harms, ...self::of(Hazard::TopOffOn, $tank)];
        }
        if ($isOn(Job::Doser)) {
            $harms = [...$harms, ...self::soonest($tank->waterside->doses, fn (Fault\Dose $d): Harm => $d->harm())];
        }
        if ($isOn(Job::RoUnit)) {
            $harms = [...$harms, ...self::of(Hazard::LineOverflow, $tank)];
        }
        // A skimmer that goes on while its water falls away, or comes back (X-26).
        if ($isOn(Job::Skimmer) && $isOff(Job::ReturnPump)) {
            $harms = [...$harms, ...self::of(Hazard::SkimmerOverflow, $tank)];
        }
        $needs = array_values(
            array_map(fn (LostOutlet $o): string => "what {$o->name} does when the link is lost", $unsaid),
        );

        return array_map(fn (Harm $h): Harm => $needs === [] ? $h : self::alsoNeeding($h, $needs), $harms);
    }

    /** @param  list<LostOutlet>  $lost  one that nobody has described may stand either way */
    private static function stands(array $lost, Job $job, bool $on): bool
    {
        foreach ($lost as $outlet) {
            if ($outlet->job === $job && ($outlet->level === null || ($outlet->level > 0) === $on)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Heater>  $heaters
     * @param  list<LostOutlet>  $lost
     * @return list<Heater> whose outlet stays on
     */
    private static function heatersLeft(array $heaters, array $lost): array
    {
        $off = [];
        foreach ($lost as $outlet) {
            if ($outlet->job === Job::Heater && ($outlet->level ?? 0.0) <= 0) {
                $off[] = $outlet->name;
            }
        }

        return array_values(array_filter($heaters, fn (Heater $h): bool => ! in_array($h->name, $off, true)));
    }

    /** @param  list<string>  $needs */
    private static function alsoNeeding(Harm $harm, array $needs): Harm
    {
        return new Harm(
            by: $harm->by,
            hours: $harm->hours,
            limit: $harm->limit,
            working: $harm->working,
            lossHours: $harm->lossHours,
            assumed: true,
            needs: [...$harm->needs, ...$needs],
            likelyH: $harm->likelyH,
            latestH: $harm->latestH,
            spills: $harm->spills,
        );
    }

    private static function leak(float $litres): Harm
    {
        return new Harm('floor', 0.0, Quantity::of($litres, Kind::Volume), spills: true);
    }

    /**
     * A return left off, or a top-off: whichever harms sooner.
     *
     * @return list<Harm>
     *
     * @throws OutOfRange
     */
    private static function leftOpen(Tonight $tank): array
    {
        return [...TimeToHarm::of(Hazard::ReturnDead, $tank), ...self::of(Hazard::TopOffOff, $tank)];
    }
}
