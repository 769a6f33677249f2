<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Work;

use Velbrin\Core\Measure\Kind;

/**
 * The steps of a work on a running system, with what holds each back: what comes before an irreversible act comes before it here (X-42),
 * what cures or is watched takes its hours.
 */
final readonly class WorkPlan
{
    /** Heaters stand a quarter of an hour before they bare (M-20), h. */
    private const COOLS_H = 0.25;

    private const JOINTS_H = 1.0;

    private const DAY_H = 24.0;

    /** A lamp’s new light may exceed the old by so much on its first day, %. */
    private const MOST_LIGHT_PCT = 110.0;

    private const LEAST_LIGHT_PCT = 40.0;

    /** A new return gives at least so much of what is planned, and at most. */
    private const FLOW_SHARES = [0.85, 1.25];

    /** Water that comes to water is as salty within, g/kg, and as warm within, K (W-30). */
    private const SALINITY_OFF = 0.5;

    private const KELVIN_OFF = 1.0;

    /** A test for copper reads this low, and no more is there, mg/L. */
    private const COPPER_MG_L = 0.01;

    private const SOAK_H = 48.0;

    /** @param  non-empty-list<Step>  $steps  in their order */
    private function __construct(public array $steps)
    {
    }

    public static function of(WorkKind $kind, WorkVerb $verb, WorkFacts $facts): self
    {
        return new self(match ($kind) {
            WorkKind::Overflow => $verb === WorkVerb::Retire ? self::overflowOut($facts) : self::overflow($facts),
            WorkKind::ReturnPump => $verb === WorkVerb::Retire ? self::deviceOut() : self::returnPump($facts),
            WorkKind::Lamp => $verb === WorkVerb::Retire ? self::deviceOut() : self::lamp($verb),
            WorkKind::Controller => $verb === WorkVerb::Retire ? self::controllerOut() : self::controller($verb),
            WorkKind::Vessel => $verb === WorkVerb::Retire ? self::vesselOut() : self::vessel($facts),
            WorkKind::Swap => self::swap($facts),
            WorkKind::Conversion => self::conversion($facts),
        });
    }

    public function step(Todo $todo): ?Step
    {
        foreach ($this->steps as $step) {
            if ($step->todo === $todo) {
                return $step;
            }
        }

        return null;
    }

    /** @return non-empty-list<Step> */
    private static function overflow(WorkFacts $facts): array
    {
        return [
            new Step(Todo::ToughenedTried, 1, Proof::YesNo),
            new Step(Todo::HolesSigned, 1),
            new Step(Todo::PacketCounted, 1),
            new Step(Todo::OffList, 2),
            new Step(Todo::HeatersCool, 2, after: [Todo::OffList]),
            new Step(Todo::WaterLowered, 2, after: [Todo::HeatersCool], holdH: self::COOLS_H),
            ...self::drilling(2, $facts, Todo::WaterLowered),
            new Step(Todo::LeakTested, 3, Proof::Photo, [Todo::FilledToTest], $facts->leakH),
            new Step(Todo::DrainClosed, 3, after: [Todo::LeakTested]),
            new Step(Todo::CutRehearsed, 3, after: [Todo::DrainClosed]),
            ...self::after(3, [Todo::CutRehearsed]),
        ];
    }

    /** @return non-empty-list<Step> nothing is drilled before the panel is tried, the plan signed and the packet read */
    private static function drilling(int $visit, WorkFacts $facts, Todo ...$before): array
    {
        return [
            new Step(
                Todo::Drilled,
                $visit,
                after: [Todo::ToughenedTried, Todo::HolesSigned, Todo::PacketCounted, ...array_values($before)],
            ),
            new Step(
                Todo::ChipsRead,
                $visit,
                Proof::Number,
                [Todo::Drilled],
                unit: Kind::Length,
                least: 0.0,
                most: $facts->gasketSeatMm / 2,
            ),
            new Step(Todo::OverflowFitted, $visit, after: [Todo::ChipsRead]),
            new Step(Todo::GlueCured, $visit + 1, after: [Todo::OverflowFitted], holdH: $facts->cureH),
            new Step(Todo::FilledToTest, $visit + 1, after: [Todo::GlueCured]),
        ];
    }

    /** @return non-empty-list<Step> */
    private static function overflowOut(WorkFacts $facts): array
    {
        return [
            new Step(Todo::OffList, 1),
            new Step(Todo::HeatersCool, 1, after: [Todo::OffList]),
            new Step(Todo::WaterLowered, 1, after: [Todo::HeatersCool], holdH: self::COOLS_H),
            new Step(Todo::HolesClosed, 1, after: [Todo::WaterLowered]),
            new Step(Todo::FilledToTest, 1, after: [Todo::HolesClosed]),
            new Step(Todo::LeakTested, 2, Proof::Photo, [Todo::FilledToTest], $facts->leakH),
            ...self::after(2, [Todo::LeakTested]),
        ];
    }

    /** @return non-empty-list<Step> */
    private static function returnPump(WorkFacts $facts): array
    {
        [$least, $most] = self::FLOW_SHARES;

        return [
            new Step(Todo::SettingsCopied, 1),
            new Step(Todo::PacketCounted, 1),
            new Step(Todo::DryFitted, 1, after: [Todo::PacketCounted]),
            new Step(Todo::OffList, 1, after: [Todo::SettingsCopied]),
            new Step(Todo::HeatersCool, 1, after: [Todo::OffList]),
            new Step(Todo::Exchanged, 1, Proof::Register, [Todo::HeatersCool, Todo::DryFitted], self::COOLS_H),
            new Step(Todo::JointsDry, 1, after: [Todo::Exchanged], holdH: self::JOINTS_H),
            new Step(
                Todo::FlowRead,
                1,
                Proof::Number,
                [Todo::Exchanged],
                unit: Kind::Flow,
                least: $facts->flowLh === null ? null : $facts->flowLh * $least,
                most: $facts->flowLh === null ? null : $facts->flowLh * $most,
            ),
            new Step(Todo::CutRehearsed, 1, after: [Todo::JointsDry]),
            ...self::after(1, [Todo::CutRehearsed, Todo::FlowRead]),
        ];
    }

    /** @return non-empty-list<Step> */
    private static function lamp(WorkVerb $verb): array
    {
        $isNew = $verb === WorkVerb::Add;

        return [
            new Step(Todo::LightRead, 1),
            ...$isNew ? [] : [new Step(Todo::SettingsCopied, 1)],
            new Step(Todo::Hung, 1, after: $isNew ? [Todo::LightRead] : [Todo::LightRead, Todo::SettingsCopied]),
            new Step(Todo::Exchanged, 1, Proof::Register, [Todo::Hung]),
            new Step(
                Todo::LightReadAgain,
                1,
                Proof::Number,
                [Todo::Exchanged],
                unit: Kind::Percent,
                least: self::LEAST_LIGHT_PCT,
                most: self::MOST_LIGHT_PCT,
            ),
            new Step(Todo::RampSet, 1, after: [Todo::LightReadAgain]),
            new Step(Todo::RipplesConfirmed, 2, Proof::Ripples, [Todo::Exchanged]),
            new Step(Todo::CoralsLookedAt, 2, after: [Todo::RampSet], holdH: 3 * self::DAY_H),
            new Step(Todo::LookedAfterAWeek, 2, after: [Todo::RampSet], holdH: 7 * self::DAY_H),
        ];
    }

    /** @return non-empty-list<Step> */
    private static function controller(WorkVerb $verb): array
    {
        $isNew = $verb === WorkVerb::Add;

        return [
            ...$isNew ? [] : [new Step(Todo::SetupSaved, 1), new Step(Todo::SettingsCopied, 1)],
            new Step(Todo::ThermostatsSeen, 1),
            new Step(
                Todo::Exchanged,
                1,
                Proof::Register,
                $isNew ? [Todo::ThermostatsSeen] : [Todo::SetupSaved, Todo::SettingsCopied, Todo::ThermostatsSeen],
            ),
            new Step(Todo::PlugsTried, 1, after: [Todo::Exchanged]),
            new Step(Todo::LinkPulled, 1, after: [Todo::PlugsTried]),
            new Step(Todo::ProbesSet, 1, after: [Todo::Exchanged]),
            new Step(Todo::AlarmsRung, 1, after: [Todo::ProbesSet]),
            new Step(Todo::WatchedADay, 2, after: [Todo::PlugsTried, Todo::LinkPulled, Todo::AlarmsRung], holdH: self::DAY_H),
            new Step(Todo::RipplesConfirmed, 2, Proof::Ripples, [Todo::Exchanged]),
            new Step(Todo::LookedAfterAWeek, 3, after: [Todo::WatchedADay], holdH: 7 * self::DAY_H),
        ];
    }

    /** @return non-empty-list<Step> what it held takes care of itself first */
    private static function controllerOut(): array
    {
        return [
            new Step(Todo::SetupSaved, 1),
            new Step(Todo::SettingsCopied, 1),
            new Step(Todo::ThermostatsSeen, 1),
            new Step(Todo::Exchanged, 1, Proof::Register, [Todo::SetupSaved, Todo::SettingsCopied, Todo::ThermostatsSeen]),
            ...self::after(1, [Todo::Exchanged]),
        ];
    }

    /** @return non-empty-list<Step> */
    private static function deviceOut(): array
    {
        return [
            new Step(Todo::SettingsCopied, 1),
            new Step(Todo::OffList, 1, after: [Todo::SettingsCopied]),
            new Step(Todo::HeatersCool, 1, after: [Todo::OffList]),
            new Step(Todo::Exchanged, 1, Proof::Register, [Todo::HeatersCool], self::COOLS_H),
            ...self::after(1, [Todo::Exchanged]),
        ];
    }

    /** @return non-empty-list<Step> */
    private static function vessel(WorkFacts $facts): array
    {
        return [
            new Step(Todo::FloorLookedAt, 1),
            new Step(Todo::FilledToTest, 1, after: [Todo::FloorLookedAt]),
            new Step(Todo::LeakTested, 2, Proof::Photo, [Todo::FilledToTest], $facts->leakH),
            ...self::mixed(2),
            new Step(Todo::OffList, 2, after: [Todo::LeakTested]),
            new Step(Todo::FilledBehindValve, 2, after: [Todo::LeakTested, Todo::WaterMixed, Todo::TemperatureRead]),
            new Step(Todo::ValveOpened, 2, after: [Todo::OffList, Todo::FilledBehindValve]),
            new Step(Todo::VesselOnRecord, 2, Proof::Vessel, [Todo::ValveOpened]),
            ...self::after(2, [Todo::VesselOnRecord]),
        ];
    }

    /** @return non-empty-list<Step> what comes to the water is as salty and as warm */
    private static function mixed(int $visit): array
    {
        return [
            new Step(
                Todo::WaterMixed,
                $visit,
                Proof::Number,
                unit: Kind::SalinityChange,
                least: -self::SALINITY_OFF,
                most: self::SALINITY_OFF,
            ),
            new Step(
                Todo::TemperatureRead,
                $visit,
                Proof::Number,
                unit: Kind::TemperatureChange,
                least: -self::KELVIN_OFF,
                most: self::KELVIN_OFF,
            ),
        ];
    }

    /** @return non-empty-list<Step> */
    private static function vesselOut(): array
    {
        return [
            new Step(Todo::OffList, 1),
            new Step(Todo::VesselEmptied, 1, after: [Todo::OffList]),
            new Step(Todo::VesselOnRecord, 1, Proof::Vessel, [Todo::VesselEmptied]),
            ...self::after(1, [Todo::VesselOnRecord]),
        ];
    }

    /** @return non-empty-list<Step> a project of several visits, until it is really complete */
    private static function swap(WorkFacts $facts): array
    {
        return [
            new Step(Todo::HoldingProved, 1),
            new Step(Todo::ScapePhotographed, 1, Proof::Photo),
            new Step(Todo::SettingsCopied, 1),
            new Step(Todo::OffList, 2, after: [Todo::HoldingProved, Todo::SettingsCopied]),
            new Step(Todo::HeatersCool, 2, after: [Todo::OffList]),
            new Step(Todo::CoralsOut, 2, after: [Todo::ScapePhotographed, Todo::OffList]),
            new Step(Todo::RockOut, 2, after: [Todo::CoralsOut]),
            new Step(Todo::FishOut, 2, after: [Todo::CoralsOut, Todo::HeatersCool]),
            new Step(Todo::OldTankOut, 2, after: [Todo::FishOut, Todo::RockOut], holdH: self::COOLS_H),
            new Step(Todo::StandLevelled, 2, after: [Todo::OldTankOut]),
            new Step(Todo::NewTankIn, 2, after: [Todo::StandLevelled]),
            new Step(Todo::FilledToTest, 2, after: [Todo::NewTankIn]),
            new Step(Todo::LeakTested, 3, Proof::Photo, [Todo::FilledToTest], $facts->leakH),
            new Step(
                Todo::Refilled,
                3,
                Proof::Number,
                [Todo::LeakTested],
                unit: Kind::TemperatureChange,
                least: -self::KELVIN_OFF,
                most: self::KELVIN_OFF,
            ),
            new Step(Todo::CutRehearsed, 3, after: [Todo::Refilled]),
            new Step(Todo::FishHome, 3, after: [Todo::CutRehearsed]),
            new Step(Todo::BackOn, 3, after: [Todo::FishHome]),
            new Step(Todo::LookedNextDay, 4, after: [Todo::FishHome], holdH: self::DAY_H),
            new Step(Todo::CoralsGlued, 4, Proof::Count, [Todo::CutRehearsed], wanted: $facts->corals),
            new Step(Todo::DosesFull, 4, after: [Todo::CoralsGlued]),
            new Step(Todo::HoldingEmpty, 4, after: [Todo::FishHome, Todo::CoralsGlued]),
            new Step(Todo::RipplesConfirmed, 4, Proof::Ripples, [Todo::BackOn]),
            new Step(Todo::AllComplete, 5, after: [Todo::DosesFull, Todo::HoldingEmpty, Todo::LookedNextDay]),
        ];
    }

    /** @return non-empty-list<Step> from inspection to filling; what once held copper is read twice */
    private static function conversion(WorkFacts $facts): array
    {
        $copper = fn (Todo $todo, int $visit, Todo $after, float $holdH): Step => new Step(
            todo: $todo,
            visit: $visit,
            proof: Proof::Number,
            after: [$after],
            holdH: $holdH,
            unit: Kind::Concentration,
            least: 0.0,
            most: self::COPPER_MG_L,
        );
        $again = $facts->hadCopper === false
            ? []
            : [$copper(Todo::CopperReadAgain, 2, Todo::CopperRead, 7 * self::DAY_H)];
        $last = $again === [] ? Todo::CopperRead : Todo::CopperReadAgain;

        return [
            new Step(Todo::Inspected, 1, Proof::Verdict),
            new Step(Todo::CopperAsked, 1),
            new Step(Todo::Soaked, 1, after: [Todo::Inspected, Todo::CopperAsked]),
            $copper(Todo::CopperRead, 2, Todo::Soaked, self::SOAK_H),
            ...$again,
            new Step(Todo::ToughenedTried, 2, Proof::YesNo, [Todo::Inspected]),
            new Step(Todo::HolesSigned, 2, after: [Todo::Inspected]),
            new Step(Todo::PacketCounted, 2),
            ...self::drilling(3, $facts, $last),
            new Step(Todo::LeakTested, 4, Proof::Photo, [Todo::FilledToTest], $facts->leakH),
            new Step(Todo::Plumbed, 5, after: [Todo::LeakTested]),
            new Step(Todo::ElectricsSigned, 5),
            new Step(Todo::FilledWithSalt, 5, after: [Todo::Plumbed, Todo::ElectricsSigned]),
            new Step(Todo::DrainClosed, 5, after: [Todo::FilledWithSalt]),
            new Step(Todo::CutRehearsed, 5, after: [Todo::DrainClosed]),
            new Step(Todo::CycleBegun, 5, after: [Todo::CutRehearsed]),
            new Step(Todo::LookedNextDay, 6, after: [Todo::FilledWithSalt], holdH: self::DAY_H),
        ];
    }

    /**
     * What every change of running water ends with.
     *
     * @param  non-empty-list<Todo>  $after
     * @return non-empty-list<Step>
     */
    private static function after(int $visit, array $after): array
    {
        return [
            new Step(Todo::BackOn, $visit, after: $after),
            new Step(Todo::RipplesConfirmed, $visit, Proof::Ripples, $after),
            new Step(Todo::LookedNextDay, $visit + 1, after: [Todo::BackOn], holdH: self::DAY_H),
            new Step(Todo::LookedAfterAWeek, $visit + 1, after: [Todo::BackOn], holdH: 7 * self::DAY_H),
        ];
    }
}
