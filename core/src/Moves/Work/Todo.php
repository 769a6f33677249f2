<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Work;

use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Moves\Phrase;

/** What is to be done in a work; its words stand in the room’s catalogue. */
enum Todo: string
{
    case OffList = 'off-list';
    case HeatersCool = 'heaters-cool';
    case SettingsCopied = 'settings-copied';
    case BackOn = 'back-on';
    case RipplesConfirmed = 'ripples-confirmed';
    case LookedNextDay = 'looked-next-day';
    case LookedAfterAWeek = 'looked-after-a-week';
    case ToughenedTried = 'toughened-tried';
    case HolesSigned = 'holes-signed';
    case PacketCounted = 'packet-counted';
    case WaterLowered = 'water-lowered';
    case Drilled = 'drilled';
    case ChipsRead = 'chips-read';
    case OverflowFitted = 'overflow-fitted';
    case GlueCured = 'glue-cured';
    case FilledToTest = 'filled-to-test';
    case LeakTested = 'leak-tested';
    case DrainClosed = 'drain-closed';
    case CutRehearsed = 'cut-rehearsed';
    case HolesClosed = 'holes-closed';
    case DryFitted = 'dry-fitted';
    case Exchanged = 'exchanged';
    case JointsDry = 'joints-dry';
    case FlowRead = 'flow-read';
    case LightRead = 'light-read';
    case Hung = 'hung';
    case LightReadAgain = 'light-read-again';
    case RampSet = 'ramp-set';
    case CoralsLookedAt = 'corals-looked-at';
    case SetupSaved = 'setup-saved';
    case ThermostatsSeen = 'thermostats-seen';
    case PlugsTried = 'plugs-tried';
    case LinkPulled = 'link-pulled';
    case ProbesSet = 'probes-set';
    case AlarmsRung = 'alarms-rung';
    case WatchedADay = 'watched-a-day';
    case WaterMixed = 'water-mixed';
    case TemperatureRead = 'temperature-read';
    case FloorLookedAt = 'floor-looked-at';
    case FilledBehindValve = 'filled-behind-valve';
    case ValveOpened = 'valve-opened';
    case VesselOnRecord = 'vessel-on-record';
    case VesselEmptied = 'vessel-emptied';
    case HoldingProved = 'holding-proved';
    case ScapePhotographed = 'scape-photographed';
    case CoralsOut = 'corals-out';
    case RockOut = 'rock-out';
    case FishOut = 'fish-out';
    case OldTankOut = 'old-tank-out';
    case StandLevelled = 'stand-levelled';
    case NewTankIn = 'new-tank-in';
    case Refilled = 'refilled';
    case FishHome = 'fish-home';
    case CoralsGlued = 'corals-glued';
    case DosesFull = 'doses-full';
    case HoldingEmpty = 'holding-empty';
    case AllComplete = 'all-complete';
    case Inspected = 'inspected';
    case CopperAsked = 'copper-asked';
    case Soaked = 'soaked';
    case CopperRead = 'copper-read';
    case CopperReadAgain = 'copper-read-again';
    case Plumbed = 'plumbed';
    case ElectricsSigned = 'electrics-signed';
    case FilledWithSalt = 'filled-with-salt';
    case CycleBegun = 'cycle-begun';

    public function says(): Sentence
    {
        return Sentence::of(Phrase::from("work-{$this->value}"));
    }

    /** What is minded at that step; null: nothing more than usual. */
    public function caution(): ?Sentence
    {
        $says = Phrase::tryFrom("mind-{$this->value}");

        return $says === null ? null : Sentence::of($says);
    }
}
