<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

use Velbrin\Core\Measure\Saying;

/** What this room says; the words stand in `words/en.php`. */
enum Phrase: string implements Saying
{
    case AFanOverTheWater = 'a-fan-over-the-water';
    case AHeaterWithAThermostat = 'a-heater-with-a-thermostat';
    case AirAndLidsOnEveryBox = 'air-and-lids-on-every-box';
    case AnElectricianLooksBeforeAnythingGoes = 'an-electrician-looks-before-anything-goes';
    case AnimalsIntoTheBoxes = 'animals-into-the-boxes';
    case AnimalsToTheHoldingThatStands = 'animals-to-the-holding-that-stands';
    case AskWhoMayUseTheBoard = 'ask-who-may-use-the-board';
    case AtLeastWhereItStands = 'at-least-where-it-stands';
    case AtMost = 'at-most';
    case BackInWhen = 'back-in-when';
    case BackUpNoFasterThan1 = 'back-up-no-faster-than1';
    case BatteryPumpOrAir = 'battery-pump-or-air';
    case ChangeInSteps = 'change-in-steps';
    case ChangeWaterOfTheSamePH = 'change-water-of-the-same-ph';
    case ChangeWithCoolerWater = 'change-with-cooler-water';
    case ChillerOn = 'chiller-on';
    case CoverItAirStaysOn = 'cover-it-air-stays-on';
    case DosingHeadsOff = 'dosing-heads-off';
    case EverybodyOutAndStayOut = 'everybody-out-and-stay-out';
    case EverySourceOff = 'every-source-off';
    case HeatersInTheSumpOff = 'heaters-in-the-sump-off';
    case HeatersOffAtADryPlug = 'heaters-off-at-a-dry-plug';
    case HeatersOffBeforeTheyAreBared = 'heaters-off-before-they-are-bared';
    case HighPHLimewaterOff = 'high-ph-limewater-off';
    case IfWaterCanReachASocket = 'if-water-can-reach-a-socket';
    case IsAHeaterWarmIfNone = 'is-a-heater-warm-if-none';
    case IsItYourOwnBoardLook = 'is-it-your-own-board-look';
    case KeySeeTheSheet = 'key-see-the-sheet';
    case LeaveTheReturn = 'leave-the-return';
    case LeaveTheReturnOnUntilSomebody = 'leave-the-return-on-until-somebody';
    case LetAirInOnlyFromOutside = 'let-air-in-only-from-outside';
    case LidOffShadeAirOver = 'lid-off-shade-air-over';
    case LidOnBlanketsRoundItLights = 'lid-on-blankets-round-it-lights';
    case LightsDownPumpsStay = 'lights-down-pumps-stay';
    case LogDid = 'log-did';
    case LogDry = 'log-dry';
    case LogSpills = 'log-spills';
    case LogState = 'log-state';
    case LogWet = 'log-wet';
    case LowPHGasOff = 'low-ph-gas-off';
    case MainsOfTheWetGearOff = 'mains-of-the-wet-gear-off';
    case MoreAirPumpsToTheSurface = 'more-air-pumps-to-the-surface';
    case NeverAnEngineInOrUnder = 'never-an-engine-in-or-under';
    case NeverFeedIt = 'never-feed-it';
    case NeverFeedItNever = 'never-feed-it-never';
    case NeverGoBack = 'never-go-back';
    case NeverIceInTheWaterItself = 'never-ice-in-the-water-itself';
    case NeverPullAHighPHDown = 'never-pull-a-high-ph-down';
    case NeverPutBackInOneStep = 'never-put-back-in-one-step';
    case NeverSiliconeUnderWater = 'never-silicone-under-water';
    case NeverStepIntoWaterNearLive = 'never-step-into-water-near-live';
    case NobodyUnderTheLoad = 'nobody-under-the-load';
    case NothingOnAPlugStays = 'nothing-on-a-plug-stays';
    case OncePowerIsBack = 'once-power-is-back';
    case OnlyFromADryPlace = 'only-from-a-dry-place';
    case OutletByOutletTheSheet = 'outlet-by-outlet-the-sheet';
    case PartOfTheLightsOff = 'part-of-the-lights-off';
    case PumpsAndAirInsideTheTank = 'pumps-and-air-inside-the-tank';
    case PumpsInsideTheTankStay = 'pumps-inside-the-tank-stay';
    case PumpsInTheDisplay = 'pumps-in-the-display';
    case ReadAlkalinityAndPH = 'read-alkalinity-and-ph';
    case ReadAmmoniaAndPHEachHour = 'read-ammonia-and-ph-each-hour';
    case ReturnAndPumpsOntoAPlain = 'return-and-pumps-onto-a-plain';
    case ReturnOffBeforeItsChamberIsDry = 'return-off-before-its-chamber-is-dry';
    case ReturnOffItFeedsWhatRuns = 'return-off-it-feeds-what-runs';
    case RingTheEmergencyNumberFromOutside = 'ring-the-emergency-number-from-outside';
    case RingTheNextInTheChain = 'ring-the-next-in-the-chain';
    case ShutWhatPartsTheVessels = 'shut-what-parts-the-vessels';
    case SkimmerOffWithoutReturn = 'skimmer-off-without-return';
    case SpareReturnIn = 'spare-return-in';
    case StirTheSurfaceByHand = 'stir-the-surface-by-hand';
    case TheReturnStopsAndTheFloorGets = 'the-return-stops-and-the-floor-gets';
    case TheReturnStopsAndTheSumpTakes = 'the-return-stops-and-the-sump-takes';
    case TopUpByHand = 'top-up-by-hand';
    case TouchNothingWet = 'touch-nothing-wet';
    case WhatItCanDoWithoutOff = 'what-it-can-do-without-off';
    case WhoeverGoesInLooks = 'whoever-goes-in-looks';

    public static function room(): string
    {
        return 'emergency';
    }

    public static function folder(): string
    {
        return __DIR__.'/words';
    }
}
