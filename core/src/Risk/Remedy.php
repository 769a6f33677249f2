<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Heat\HeaterChoice;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Power\Battery;
use Velbrin\Core\Risk\Fault\Dose;

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
        return Sentence::joined(
            ...array_values(
                array_filter([
                    self::door($response),
                    self::spare($response),
                    self::limit($hazard, $tank, $response, $harm),
                    self::thing($hazard, $tank, $response, $harm),
                ]),
            ),
        );
    }

    private static function spare(Response $response): ?Sentence
    {
        return $response->waitsFor === null
            ? null
            : Sentence::of(Phrase::ASpareInTheVan, ['part' => lcfirst($response->waitsFor->label())]);
    }

    private static function door(Response $response): ?Sentence
    {
        return $response->waitsAtDoor ? Sentence::of(Phrase::AKeyWithUs) : null;
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

        return Sentence::of(Phrase::TheAlarmsLimitAtOrNearer, [
            'limit' => Quantity::of($limit, Kind::Temperature),
        ]);
    }

    private static function thing(Hazard $hazard, Tonight $tank, Response $response, Harm $harm): Sentence
    {
        return match ($hazard) {
            Hazard::HeaterStuckOn => self::smallerHeaters($tank, $response),
            Hazard::HeaterStuckOff, Hazard::TooCold => self::moreWatts($hazard, $tank),
            Hazard::ReturnDead => $harm->by === 'oxygen' ? self::movement($tank) : self::heatWithoutFlow($tank),
            Hazard::PowerCut => $harm->by === 'oxygen' ? self::air($tank, $response) : self::warmWithoutPower($tank),
            Hazard::Overdose => self::lessAtOnce($tank->waterside->doses ?? []),
            default => self::against($hazard, $harm),
        };
    }

    /** What stops it by itself, whoever comes. */
    private static function against(Hazard $hazard, Harm $harm): Sentence
    {
        return Sentence::of(match ($hazard) {
            Hazard::DoseStops => Phrase::AlkalinityReadTwiceAWeek,
            Hazard::TopOffOn => Phrase::ASmallerStore,
            Hazard::TopOffOff => Phrase::ALevelAlarmInTheReturn,
            Hazard::ControllerDead => Phrase::HeatersWithThermostatsOfTheirOwn,
            Hazard::DrainBlocked => Phrase::AnEmergencyPipeThatTakes,
            Hazard::RoomClimate => Phrase::AFanOrAChiller,
            Hazard::LampDead => Phrase::ALampOnTheShelf,
            Hazard::Leak => Phrase::ATrayWithADrain,
            Hazard::LineOverflow => Phrase::TwoStopsThatWorkApart,
            Hazard::SkimmerOverflow => Phrase::ACollectorThatShutsTheSkimmer,
            Hazard::LeftOpen => Phrase::TheClosingCheckBeforeLeaving,
            Hazard::Arrival => Phrase::AQuarantineForEveryArrival,
            default => $harm->by === 'ammonia'
                ? Phrase::SomebodyWhoLooksEachDay
                : Phrase::SomebodyWhoLooksEachDay2,
        });
    }

    /**
     * A vessel that stands too high runs out past any relay, so it goes down first.
     *
     * @param  list<Dose>  $doses
     */
    private static function lessAtOnce(array $doses): Sentence
    {
        $high = array_values(array_filter($doses, fn (Dose $d): bool => $d->mayHarm() && $d->siphonsForSure()));
        $smaller = Sentence::of(Phrase::ASmallerVessel);

        return $high === []
            ? $smaller
            : Sentence::joined(
                Sentence::of(Phrase::VesselsLower, ['which' => implode(', ', array_map(fn (Dose $d): string => $d->name, $high))]),
                $smaller,
            );
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
            return Sentence::of(Phrase::ASecondThermostatInSeries);
        }
        $watts = max($fits);
        $parts = [
            'watts' => Quantity::of($watts, Kind::Power),
            'n' => Quantity::of(max(1.0, ceil($need / $watts)), Kind::Count),
            'stuck' => Quantity::of($hours, Kind::Hours),
        ];

        return Sentence::of(
            Phrase::HeatersOfAtMost,
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
                Phrase::MoreInHeatersThatFailApart,
                $parts,
            );
        }
        $one =
            $hazard === Hazard::TooCold && $tank->heaters === []
                ? Phrase::AHeaterOfKeepsItAbove
                : Phrase::OneMoreHeater;

        return Sentence::of($one, [
            ...$parts,
            'size' => Quantity::of(min($sizes), Kind::Power),
        ]);
    }

    /** @throws OutOfRange */
    private static function movement(Tonight $tank): Sentence
    {
        return Sentence::of(Phrase::APumpOfItsOwnOnAnotherStrip, [
            'needed' => Quantity::of(1000 * Outage::neededExchangeM3H($tank), Kind::Flow),
        ]);
    }

    private static function heatWithoutFlow(Tonight $tank): Sentence
    {
        $heat = $tank->displayHeat ?? $tank->heat;
        $lack = max(0.0, $heat->lossW($tank->lowC, $tank->roomC));
        $sizes = array_filter(HeaterChoice::SIZES_W, fn (int $watts): bool => $watts >= $lack);

        return $sizes === [] || $lack <= 0
            ? Sentence::of(Phrase::HeatersInTheSumpThatGo)
            : Sentence::of(Phrase::HeatersInTheSumpThatGoOff, [
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
                Sentence::of(Phrase::ABatteryAirStone),
                $tank,
                $until,
                $parts,
            ),
            $pump >= $needed => self::battery(
                Sentence::of(Phrase::ABatteryOnAPump),
                $tank,
                $until,
                $parts,
            ),
            default => Sentence::of(
                Phrase::OnePumpOnABatteryBrings,
                [...$parts, 'one' => Quantity::of(1000 * $pump, Kind::Flow)],
            ),
        };
    }

    private static function longerBattery(Tonight $tank, ?float $until): Sentence
    {
        $parts = ['has' => Quantity::of($tank->batteryH, Kind::Hours)];
        if ($until === null) {
            return Sentence::of(Phrase::ItsBatteryLasts, $parts);
        }
        $parts['until'] = Quantity::of($until, Kind::Hours);
        if ($tank->batteryLoadW === null) {
            return Sentence::of(
                Phrase::ItsBatteryLastsHelp,
                $parts,
            );
        }
        $parts['wh'] = Quantity::of(ceil(($tank->batteryLoadW / Battery::EFFICIENCY_DC) * $until), Kind::Factor);

        return Sentence::of(Phrase::ItsBatteryLastsHelpTakes, $parts);
    }

    /** @param  array<string, Quantity>  $parts */
    private static function battery(Sentence $what, Tonight $tank, ?float $until, array $parts): Sentence
    {
        $parts = [...$parts, 'what' => $what];
        if ($until === null) {
            return Sentence::of(Phrase::BringsTheOfWater, $parts);
        }
        $parts['until'] = Quantity::of($until, Kind::Hours);
        if ($tank->batteryLoadW === null) {
            return Sentence::of(Phrase::ForBringsTheOfWater, $parts);
        }
        $parts['wh'] = Quantity::of(ceil(($tank->batteryLoadW / Battery::EFFICIENCY_DC) * $until), Kind::Factor);

        return Sentence::of(
            Phrase::WhForBringsTheOfWater,
            $parts,
        );
    }

    private static function warmWithoutPower(Tonight $tank): Sentence
    {
        if ($tank->roomC > $tank->setpointC) {
            return Sentence::of(Phrase::OpenTheLidAndMoveAir);
        }
        $watts = ['watts' => Quantity::of(max(0.0, $tank->heat->lossW($tank->lowC, $tank->roomC)), Kind::Power)];

        return Sentence::of(
            Phrase::CoverAndWrap,
            $watts,
        );
    }
}
