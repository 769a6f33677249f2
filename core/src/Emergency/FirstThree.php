<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

use LogicException;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;

/**
 * The first three things, in order, for this place (E-3, E-7, K-15): people, then the source, then what gains hours. What lies in a wet
 * place, or is not theirs to touch, is left to whoever may.
 */
final readonly class FirstThree
{
    /** Done only from a dry place. */
    private const ELECTRIC = ['board-off', 'board-if-wet', 'own-board', 'ask-board', 'heaters-off', 'heaters-bared'];

    private function __construct(private Own $own)
    {
    }

    /** @return list<Action> three */
    public static function of(EmergencyKind $event, Own $own): array
    {
        $first = new self($own);

        return array_map($first->action(...), array_slice($first->codes($event), 0, 3));
    }

    /**
     * What comes once the three are done, in order (K-15): where the board had to come first, what it put off; then what else feeds the
     * fault, and what may go before air does (X-27). In a wet place nothing more is switched.
     *
     * @return list<Action>
     */
    public static function then(EmergencyKind $event, Own $own): array
    {
        $first = new self($own);
        $further = $own->wet === true ? [] : match ($event) {
            EmergencyKind::Hot => ['chiller', 'part-of-lights', 'rest-off', 'cooler-water'],
            EmergencyKind::Flood, EmergencyKind::DrainBlocked => ['chamber-low', 'lights-down'],
            EmergencyKind::Leak => ['all-sources', 'heaters-bared', 'chamber-low'],
            EmergencyKind::Overdose => ['lime-off', 'gas-off', 'change-in-steps'],
            EmergencyKind::ControllerDead => ['manual-sheet'],
            EmergencyKind::ReturnDead => ['skimmer-off'],
            EmergencyKind::PowerCut => ['power-back'],
            default => [],
        };

        return array_map($first->action(...), [...array_slice($first->codes($event), 3), ...$further]);
    }

    /** @return non-empty-list<string> in order, three or more */
    private function codes(EmergencyKind $event): array
    {
        $own = $this->own;
        $codes = match ($event) {
            EmergencyKind::Tingle => ['touch-nothing', 'board-off', 'electrician'],
            EmergencyKind::Fumes => ['out', 'emergency-number', 'air-from-outside'],
            EmergencyKind::PowerCut => [
                $own->mayBoard ? 'own-board' : 'ask-board',
                $own->batteryAir ? 'battery-air' : 'stir-by-hand',
                $own->roomIsCold ? 'keep-heat' : 'keep-cool',
            ],
            EmergencyKind::Hot => ['heaters-off', 'aerate', 'fan'],
            EmergencyKind::Cold => ['working-heater', 'cover', 'rewarm'],
            EmergencyKind::Flood => ['board-if-wet', 'all-sources', $this->place()],
            EmergencyKind::DrainBlocked => ['board-if-wet', 'return-off', 'all-sources'],
            EmergencyKind::Overdose => ['doser-off', 'aerate', 'read-steps'],
            EmergencyKind::Ammonia => ['aerate', 'change-matched', 'test-hourly'],
            EmergencyKind::Leak => ['board-if-wet', 'valves', 'hold-animals'],
            EmergencyKind::ControllerDead => ['return-by-hand', 'heat-by-hand', 'top-off-hand'],
            EmergencyKind::ReturnDead => ['circulation-on', 'heaters-sump-off', 'spare-return'],
            EmergencyKind::NobodyHome => ['ring-next', 'key', 'look'],
            EmergencyKind::MoveWrong => ['people-first', 'boxes-air', 'holding'],
        };
        // In a wet place the board comes first, and nothing that hangs on a plug is touched.
        if ($own->wet === true && ! $event->isDanger() && $codes[0] !== 'board-if-wet') {
            array_unshift($codes, 'board-if-wet');
        }

        return $codes;
    }

    /** What stays on: air before everything that sheds it (X-27). */
    public static function staysOn(EmergencyKind $event, Own $own): Sentence
    {
        if ($event->isDanger() || $own->wet === true) {
            return Sentence::of(Phrase::NothingOnAPlugStays);
        }

        return Sentence::of(match ($event) {
            EmergencyKind::Flood, EmergencyKind::DrainBlocked => Phrase::PumpsInsideTheTankStay,
            default => Phrase::PumpsAndAirInsideTheTank,
        });
    }

    /** @return list<Sentence> what never to do */
    public static function never(EmergencyKind $event): array
    {
        $lines = match ($event) {
            EmergencyKind::Hot => [Sentence::of(Phrase::NeverIceInTheWaterItself)],
            EmergencyKind::Overdose => [
                Sentence::of(Phrase::NeverPullAHighPHDown),
                Sentence::of(Phrase::NeverPutBackInOneStep),
            ],
            EmergencyKind::Leak => [Sentence::of(Phrase::NeverSiliconeUnderWater)],
            EmergencyKind::Fumes => [Sentence::of(Phrase::NeverGoBack)],
            EmergencyKind::PowerCut => [
                Sentence::of(Phrase::NeverAnEngineInOrUnder),
                Sentence::of(Phrase::NeverFeedIt),
            ],
            EmergencyKind::Ammonia => [Sentence::of(Phrase::NeverFeedItNever)],
            default => [],
        };

        return [
            ...$lines,
            Sentence::of(Phrase::NeverStepIntoWaterNearLive),
        ];
    }

    /** The return by the place rule: stopping it adds all that comes down. */
    private function place(): string
    {
        return match ($this->own->spilling) {
            Spilling::Display => 'return-off',
            Spilling::Sump => 'return-stays',
            default => $this->own->sumpTakesAll === true ? 'return-off' : 'return-stays-unknown',
        };
    }

    /** What an action says to do, by its code; null for a code that is none of ours. */
    public static function told(string $code, Own $own): ?Sentence
    {
        return self::phrase($code) === null ? null : (new self($own))->action($code)->says;
    }

    private function action(string $code): Action
    {
        $board = $this->own->board ?? 'the switchboard (where it is was never surveyed)';
        $stop = $this->own->waterStop ?? 'the water stop (where it is was never surveyed)';
        $parts = ['board' => $board, 'stop' => $stop, 'drains' => $this->own->drains ?? 'each valve beside its vessel'];
        // People end their words with a full stop, or not; the sentence has its own.
        $parts = array_map(fn (string $words): string => rtrim($words, " .\n"), $parts);
        $parts['most'] = Quantity::of(Rewarm::MOST_KH, Kind::TemperatureChange);
        $dry = Sentence::of(Phrase::OnlyFromADryPlace);
        $says = self::phrase($code) ?? throw new LogicException("no action {$code}");
        $isElectric = in_array($code, self::ELECTRIC, true);

        return new Action($code, Sentence::of($says, $parts), $isElectric ? $dry : null);
    }

    private static function phrase(string $code): ?Phrase
    {
        return match ($code) {
            'touch-nothing' => Phrase::TouchNothingWet,
            'board-off' => Phrase::MainsOfTheWetGearOff,
            'electrician' => Phrase::AnElectricianLooksBeforeAnythingGoes,
            'out' => Phrase::EverybodyOutAndStayOut,
            'emergency-number' => Phrase::RingTheEmergencyNumberFromOutside,
            'air-from-outside' => Phrase::LetAirInOnlyFromOutside,
            'own-board' => Phrase::IsItYourOwnBoardLook,
            'ask-board' => Phrase::AskWhoMayUseTheBoard,
            'battery-air' => Phrase::BatteryPumpOrAir,
            'stir-by-hand' => Phrase::StirTheSurfaceByHand,
            'keep-heat' => Phrase::LidOnBlanketsRoundItLights,
            'keep-cool' => Phrase::LidOffShadeAirOver,
            'heaters-off' => Phrase::HeatersOffAtADryPlug,
            'aerate' => Phrase::MoreAirPumpsToTheSurface,
            'fan' => Phrase::AFanOverTheWater,
            'working-heater' => Phrase::IsAHeaterWarmIfNone,
            'cover' => Phrase::CoverItAirStaysOn,
            'rewarm' => Phrase::BackUpNoFasterThan1,
            'board-if-wet' => Phrase::IfWaterCanReachASocket,
            'all-sources' => Phrase::EverySourceOff,
            'return-off' => Phrase::ReturnOffItFeedsWhatRuns,
            'return-stays' => Phrase::LeaveTheReturn,
            'return-stays-unknown' => Phrase::LeaveTheReturnOnUntilSomebody,
            'doser-off' => Phrase::DosingHeadsOff,
            'read-steps' => Phrase::ReadAlkalinityAndPH,
            'change-matched' => Phrase::ChangeWaterOfTheSamePH,
            'test-hourly' => Phrase::ReadAmmoniaAndPHEachHour,
            'valves' => Phrase::ShutWhatPartsTheVessels,
            'hold-animals' => Phrase::AnimalsIntoTheBoxes,
            'return-by-hand' => Phrase::ReturnAndPumpsOntoAPlain,
            'heat-by-hand' => Phrase::AHeaterWithAThermostat,
            'top-off-hand' => Phrase::TopUpByHand,
            'circulation-on' => Phrase::PumpsInTheDisplay,
            'heaters-sump-off' => Phrase::HeatersInTheSumpOff,
            'spare-return' => Phrase::SpareReturnIn,
            'ring-next' => Phrase::RingTheNextInTheChain,
            'key' => Phrase::KeySeeTheSheet,
            'look' => Phrase::WhoeverGoesInLooks,
            'people-first' => Phrase::NobodyUnderTheLoad,
            'boxes-air' => Phrase::AirAndLidsOnEveryBox,
            'chiller' => Phrase::ChillerOn,
            'part-of-lights' => Phrase::PartOfTheLightsOff,
            'rest-off' => Phrase::WhatItCanDoWithoutOff,
            'cooler-water' => Phrase::ChangeWithCoolerWater,
            'chamber-low' => Phrase::ReturnOffBeforeItsChamberIsDry,
            'lights-down' => Phrase::LightsDownPumpsStay,
            'heaters-bared' => Phrase::HeatersOffBeforeTheyAreBared,
            'lime-off' => Phrase::HighPHLimewaterOff,
            'gas-off' => Phrase::LowPHGasOff,
            'change-in-steps' => Phrase::ChangeInSteps,
            'manual-sheet' => Phrase::OutletByOutletTheSheet,
            'skimmer-off' => Phrase::SkimmerOffWithoutReturn,
            'power-back' => Phrase::OncePowerIsBack,
            'holding' => Phrase::AnimalsToTheHoldingThatStands,
            default => null,
        };
    }
}
