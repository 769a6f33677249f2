<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Heat\HeaterChoice;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Power\Battery;

/**
 * What closes the gap, computed and checked (R-53): only what is not there already, with the size that does it, the cheapest first.
 */
final class Remedy
{
    /** A limit nearer to the set point than this calls every day, K. */
    private const NEAREST_K = 0.5;

    /** @throws OutOfRange */
    public static function of(Hazard $hazard, Tonight $tank, Response $response, Harm $harm): Sentence
    {
        $said = [];
        $parts = [];
        foreach (
            [
                self::door($response),
                self::limit($hazard, $tank, $response, $harm),
                self::thing($hazard, $tank, $response, $harm),
            ] as $one
        ) {
            if ($one !== null) {
                $said[] = $one->template;
                $parts += $one->parts;
            }
        }

        return Sentence::of(implode(' ', $said), $parts);
    }

    private static function door(Response $response): ?Sentence
    {
        return $response->waitsAtDoor ? Sentence::of('A key with us, so that nobody waits at the door.') : null;
    }

    /** The limit of a temperature alarm that leaves time enough, where there is one. */
    private static function limit(Hazard $hazard, Tonight $tank, Response $response, Harm $harm): ?Sentence
    {
        $after = $response->afterLimitH();
        $course = TimeToHarm::temperature($hazard, $tank);
        if (
            $response->limitH <= 0 ||
            $after === null ||
            $harm->hours === null ||
            $course === null ||
            $harm->by !== 'temperature'
        ) {
            return null;
        }
        $limit = $course->afterC($harm->hours - $after - HoursInHand::SHORT_H);
        if ($harm->hours - $after < HoursInHand::SHORT_H || abs($limit - $tank->setpointC) < self::NEAREST_K) {
            return null;
        }

        return Sentence::of('The alarm’s limit at {limit} or nearer.', [
            'limit' => Quantity::of($limit, Kind::Temperature),
        ]);
    }

    private static function thing(Hazard $hazard, Tonight $tank, Response $response, Harm $harm): Sentence
    {
        return match ($hazard) {
            Hazard::HeaterStuckOn => self::smallerHeaters($tank, $response),
            Hazard::HeaterStuckOff, Hazard::TooCold => self::moreWatts($hazard, $tank),
            Hazard::ReturnDead => self::heatWithoutFlow($tank),
            Hazard::PowerCut => $harm->by === 'oxygen' ? self::air($tank, $response) : self::warmWithoutPower($tank),
            default => self::against($hazard, $harm),
        };
    }

    /** What stops it by itself, whoever comes. */
    private static function against(Hazard $hazard, Harm $harm): Sentence
    {
        return Sentence::of(match ($hazard) {
            Hazard::Overdose => 'A smaller vessel, so that all of it at once does no harm; a cap outside the head’s own relay.',
            Hazard::TopOffOn => 'A smaller store, or a float in its own line: by itself, not through the same switch.',
            Hazard::TopOffOff => 'A level alarm in the return chamber; a second store by hand.',
            Hazard::ControllerDead => 'Heaters with thermostats of their own, and an alarm on its silence.',
            Hazard::DrainBlocked => 'An emergency pipe that takes the whole flow; a float in the display that stops the return.',
            Hazard::RoomClimate => 'A fan or a chiller of its own, and an alarm on the room’s temperature.',
            Hazard::LampDead => 'A lamp on the shelf: there are days to bring it.',
            Hazard::Leak => 'A tray with a drain, a leak alarm, and valves between its vessels.',
            Hazard::LineOverflow => 'Two stops that work apart from each other, one of them closed without power.',
            Hazard::SkimmerOverflow => 'A collector that shuts the skimmer off when it is full; tie it to the return.',
            Hazard::LeftOpen => 'The closing check before leaving, and an alarm that notices.',
            default => $harm->by === 'ammonia'
                ? 'Somebody who looks each day; water kept ready for a change.'
                : 'Somebody who looks each day.',
        });
    }

    /** The largest heater that leaves the time help takes, and how many of it hold the need. */
    private static function smallerHeaters(Tonight $tank, Response $response): Sentence
    {
        $hours = max(HeaterChoice::STUCK_ON_HOURS, ($response->actsH ?? 0.0) + HoursInHand::SHORT_H);
        $need = HeaterChoice::SPARE * max(0.0, $tank->heat->lossW($tank->setpointC, $tank->roomC));
        $fits = array_filter(HeaterChoice::SIZES_W, function (int $watts) use ($tank, $hours): bool {
            $harm = $tank->heat->hotCourse($watts + $tank->backgroundW, $tank->roomC, $tank->setpointC, $tank->highC)
                ->hoursToLimit;

            return $harm === null || $harm >= $hours;
        });
        if ($fits === []) {
            return Sentence::of('A second thermostat in series with each heater: none is small enough by itself.');
        }
        $watts = max($fits);
        $parts = [
            'watts' => Quantity::of($watts, Kind::Power),
            'n' => Quantity::of(max(1.0, ceil($need / $watts)), Kind::Count),
            'stuck' => Quantity::of($hours, Kind::Hours),
        ];

        return Sentence::of(
            'Heaters of at most {watts}, each on its own thermostat ({n} of them hold tonight): one stuck on then takes {stuck} or more.',
            $parts,
        );
    }

    /** Watts that keep it above harm with the largest group gone, in a size the trade sells. */
    private static function moreWatts(Hazard $hazard, Tonight $tank): Sentence
    {
        $rest =
            $tank->heatersW() +
            $tank->backgroundW -
            ($hazard === Hazard::HeaterStuckOff ? $tank->largestGroupW() : 0.0);
        $lack =
            $tank->heat->coldUaWK * ($tank->lowC - $tank->roomC) +
            $tank->heat->evaporation($tank->setpointC, $tank->roomC)->watts -
            $rest;
        $sizes = array_filter(HeaterChoice::SIZES_W, fn (int $watts): bool => $watts >= $lack);
        $parts = [
            'lack' => Quantity::of(max(0.0, $lack), Kind::Power),
            'low' => Quantity::of($tank->lowC, Kind::Temperature),
        ];
        if ($sizes === []) {
            return Sentence::of(
                '{lack} more, in heaters that fail apart from each other, keep it above {low}; or a warmer room.',
                $parts,
            );
        }
        $one =
            $hazard === Hazard::TooCold && $tank->heaters === []
                ? 'A heater of {size}'
                : 'One more heater of {size}, on a switch of its own and set a degree lower,';

        return Sentence::of($one.' keeps it above {low}: {lack} are lacking.', [
            ...$parts,
            'size' => Quantity::of(min($sizes), Kind::Power),
        ]);
    }

    private static function heatWithoutFlow(Tonight $tank): Sentence
    {
        $heat = $tank->displayHeat ?? $tank->heat;
        $lack = max(0.0, $heat->lossW($tank->lowC, $tank->roomC));
        $sizes = array_filter(HeaterChoice::SIZES_W, fn (int $watts): bool => $watts >= $lack);
        $tied = 'Heaters in the sump that go off when no water flows';

        return $sizes === [] || $lack <= 0
            ? Sentence::of($tied.'.')
            : Sentence::of($tied.'; and {size} in the display itself.', [
                'size' => Quantity::of(min($sizes), Kind::Power),
            ]);
    }

    /** Air or movement enough for what breathes, for as long as help takes; an air stone is the cheaper. */
    private static function air(Tonight $tank, Response $response): Sentence
    {
        $needed = Outage::neededExchangeM3H($tank);
        $surface = Outage::surfaceM2($tank);
        $until = ($response->actsH ?? 0.0) > 0 ? $response->actsH : null;
        $parts = ['needed' => Quantity::of(1000 * $needed, Kind::Flow)];
        $has = $tank->batteryH > 0 ? Outage::batteryExchangeMh($tank) * $surface : 0.0;
        if ($has >= $needed) {
            return self::longerBattery($tank, $until);
        }
        $stone = Outage::STONE_MH * $surface;
        $pump = Outage::PUMP_MH * $surface;

        return match (true) {
            $stone >= $needed && ! ($tank->batteryH > 0 && ! $tank->batteryPump) => self::battery(
                'A battery air stone',
                $tank,
                $until,
                $parts,
            ),
            $pump >= $needed => self::battery('A battery on a pump that breaks the surface', $tank, $until, $parts),
            default => Sentence::of(
                'One pump on a battery brings {one} of the {needed} of water that must meet the air: two that break the '.
                'surface, or fewer animals.',
                [...$parts, 'one' => Quantity::of(1000 * $pump, Kind::Flow)],
            ),
        };
    }

    private static function longerBattery(Tonight $tank, ?float $until): Sentence
    {
        $parts = ['has' => Quantity::of($tank->batteryH, Kind::Hours)];
        if ($until === null) {
            return Sentence::of('Its battery lasts {has}: somebody must come before then.', $parts);
        }
        $parts['until'] = Quantity::of($until, Kind::Hours);
        if ($tank->batteryLoadW === null) {
            return Sentence::of(
                'Its battery lasts {has}, help takes {until}: a larger one; write its load down, and its size follows.',
                $parts,
            );
        }
        $parts['wh'] = Quantity::of(ceil(($tank->batteryLoadW / Battery::EFFICIENCY_DC) * $until), Kind::Factor);

        return Sentence::of('Its battery lasts {has}, help takes {until}: {wh} Wh would reach.', $parts);
    }

    /** @param  array<string, Quantity>  $parts */
    private static function battery(string $what, Tonight $tank, ?float $until, array $parts): Sentence
    {
        if ($until === null) {
            return Sentence::of($what.' brings the {needed} of water to the air that is needed.', $parts);
        }
        $parts['until'] = Quantity::of($until, Kind::Hours);
        if ($tank->batteryLoadW === null) {
            return Sentence::of($what.' for {until} brings the {needed} of water to the air that is needed.', $parts);
        }
        $parts['wh'] = Quantity::of(ceil(($tank->batteryLoadW / Battery::EFFICIENCY_DC) * $until), Kind::Factor);

        return Sentence::of(
            $what.', {wh} Wh for {until}, brings the {needed} of water to the air that is needed.',
            $parts,
        );
    }

    private static function warmWithoutPower(Tonight $tank): Sentence
    {
        if ($tank->roomC > $tank->setpointC) {
            return Sentence::of('Open the lid and move air over the water; cool packs in bags, changed slowly.');
        }
        $watts = ['watts' => Quantity::of(max(0.0, $tank->heat->lossW($tank->lowC, $tank->roomC)), Kind::Power)];

        return Sentence::of(
            'Cover and wrap it; heat for {watts} from a generator outdoors, connected by an electrician.',
            $watts,
        );
    }
}
