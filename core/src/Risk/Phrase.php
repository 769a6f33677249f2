<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Measure\Saying;

/** What this room says; the words stand in `words/en.php`. */
enum Phrase: string implements Saying
{
    case ABatteryAirStone = 'a-battery-air-stone';
    case ABatteryOnAPump = 'a-battery-on-a-pump';
    case ACollectorThatShutsTheSkimmer = 'a-collector-that-shuts-the-skimmer';
    case ADrainIsBlocked = 'a-drain-is-blocked';
    case ADrainIsBlockedThe = 'a-drain-is-blocked-the';
    case AFanOrAChiller = 'a-fan-or-a-chiller';
    case AfterItHasStoodBeyond = 'after-it-has-stood-beyond';
    case AfterWaitingForTheDoor = 'after-waiting-for-the-door';
    case AfterWaitingForThePart = 'after-waiting-for-the-part';
    case AHeaterOfKeepsItAbove = 'a-heater-of-keeps-it-above';
    case AKeyWithUs = 'a-key-with-us';
    case AKeyWithUsOr = 'a-key-with-us-or';
    case ALampOnTheShelf = 'a-lamp-on-the-shelf';
    case ALevelAlarmInTheReturn = 'a-level-alarm-in-the-return';
    case ALicensedElectricianOrInstallerSays = 'a-licensed-electrician-or-installer-says';
    case ALimitBetween = 'a-limit-between';
    case AlkalinityReadTwiceAWeek = 'alkalinity-read-twice-a-week';
    case AnAlarmThatCallsSomebody = 'an-alarm-that-calls-somebody';
    case AnEmergencyPipeThatTakes = 'an-emergency-pipe-that-takes';
    case APumpOfItsOwnOnAnotherStrip = 'a-pump-of-its-own-on-another-strip';
    case AQuarantineForEveryArrival = 'a-quarantine-for-every-arrival';
    case ASecondThermostatInSeries = 'a-second-thermostat-in-series';
    case Asks = 'asks';
    case ASmallerStore = 'a-smaller-store';
    case ASmallerVessel = 'a-smaller-vessel';
    case ASpareInTheVan = 'a-spare-in-the-van';
    case AtLeast0 = 'at-least0';
    case AtMostInHand = 'at-most-in-hand';
    case AtMostMeasures = 'at-most-measures';
    case ATrayWithADrain = 'a-tray-with-a-drain';
    case BecauseWhileInARoomLike = 'because-while-in-a-room-like';
    case Below1NoStockIsCertain = 'below1-no-stock-is-certain';
    case BringsTheOfWater = 'brings-the-of-water';
    case ByAfterHarm = 'by-after-harm';
    case CanHaveActedAfter = 'can-have-acted-after';
    case CoverAndWrap = 'cover-and-wrap';
    case DisplayAndSumpPart = 'display-and-sump-part';
    case DoesNotCount = 'does-not-count';
    case EnterAtWhichLimitCalls = 'enter-at-which-limit-calls';
    case EnterWhatItMeasures = 'enter-what-it-measures';
    case FailsInOfCases = 'fails-in-of-cases';
    case ForBringsTheOfWater = 'for-brings-the-of-water';
    case FreshWaterRunsInUntilSomething = 'fresh-water-runs-in-until-something';
    case HangsOnTheSameAsAnother = 'hangs-on-the-same-as-another';
    case HeatersInTheSumpThatGo = 'heaters-in-the-sump-that-go';
    case HeatersInTheSumpThatGoOff = 'heaters-in-the-sump-that-go-off';
    case HeatersOfAtMost = 'heaters-of-at-most';
    case HeatersWithThermostatsOfTheirOwn = 'heaters-with-thermostats-of-their-own';
    case HeatStaysWhereTheAnimalsAre = 'heat-stays-where-the-animals-are';
    case HelpComesTooLate = 'help-comes-too-late';
    case How = 'how';
    case InHand = 'in-hand';
    case IsNotARate = 'is-not-a-rate';
    case IsNotProved = 'is-not-proved';
    case ItComesBackWhenThatEnds = 'it-comes-back-when-that-ends';
    case ItDoesNoHarmHere = 'it-does-no-harm-here';
    case ItDoesNotLieLowest = 'it-does-not-lie-lowest';
    case ItHeatsWithoutAnEnd = 'it-heats-without-an-end';
    case ItMustHold = 'it-must-hold';
    case ItReachesAfter = 'it-reaches-after';
    case ItRunsOverTheRim = 'it-runs-over-the-rim';
    case ItsBatteryLasts = 'its-battery-lasts';
    case ItsBatteryLastsHelp = 'its-battery-lasts-help';
    case ItsBatteryLastsHelpTakes = 'its-battery-lasts-help-takes';
    case ItSettlesAt = 'it-settles-at';
    case ItsHighLimitLies = 'its-high-limit-lies';
    case ItsHighLimitLiesAt = 'its-high-limit-lies-at';
    case ItsLowLimitLies = 'its-low-limit-lies';
    case ItsLowLimitLiesAt = 'its-low-limit-lies-at';
    case ItSoundsAfterTheHarm = 'it-sounds-after-the-harm';
    case ItStandsInTheDark = 'it-stands-in-the-dark';
    case ItsVesselRunsIntoTheWater = 'its-vessel-runs-into-the-water';
    case ItWouldCallEveryDay = 'it-would-call-every-day';
    case LeastToMost = 'least-to-most';
    case List = 'list';
    case LookBeforeItRunsAgain = 'look-before-it-runs-again';
    case LookedAt = 'looked-at';
    case LowToHigh = 'low-to-high';
    case MoreInHeatersThatFailApart = 'more-in-heaters-that-fail-apart';
    case NobodyHasLooked = 'nobody-has-looked';
    case NobodyHasSaidAtWhichLimit = 'nobody-has-said-at-which-limit';
    case NobodyHasSaidWhetherItLiesLowest = 'nobody-has-said-whether-it-lies-lowest';
    case NobodyHasThePart = 'nobody-has-the-part';
    case NobodyWouldNotice = 'nobody-would-notice';
    case NobodyWroteDownOnWhichHangs = 'nobody-wrote-down-on-which-hangs';
    case NoHarmTonight = 'no-harm-tonight';
    case NoHeaterHangsOnItsFlow = 'no-heater-hangs-on-its-flow';
    case NoHeaterInIt = 'no-heater-in-it';
    case NoHeaterOnPurpose = 'no-heater-on-purpose';
    case NotAsItMustBe = 'not-as-it-must-be';
    case NothingCoolsOnTheHottestDay = 'nothing-cools-on-the-hottest-day';
    case NothingLivesInIt = 'nothing-lives-in-it';
    case NothingMovesTheWater = 'nothing-moves-the-water';
    case NothingStandsAgainst = 'nothing-stands-against';
    case NothingToStick = 'nothing-to-stick';
    case OneMoreHeater = 'one-more-heater';
    case OnePumpOnABatteryBrings = 'one-pump-on-a-battery-brings';
    case OnlyPeopleStandAgainstIt = 'only-people-stand-against-it';
    case OpenTheLidAndMoveAir = 'open-the-lid-and-move-air';
    case OxygenFallsToAfter = 'oxygen-falls-to-after';
    case PourACupfulAndSeeWhereItRuns = 'pour-a-cupful-and-see-where-it-runs';
    case SomebodyWhoLooksEachDay = 'somebody-who-looks-each-day';
    case SomebodyWhoLooksEachDay2 = 'somebody-who-looks-each-day2';
    case SoThatAtMostFailures = 'so-that-at-most-failures';
    case SpeaksOfWhich = 'speaks-of-which';
    case ThatCountsFromTheFault = 'that-counts-from-the-fault';
    case ThatIsTheSoonest = 'that-is-the-soonest';
    case TheAlarmsLimitAtOrNearer = 'the-alarms-limit-at-or-nearer';
    case TheAlarmSoundsAfterTheHarm = 'the-alarm-sounds-after-the-harm';
    case TheClosingCheckBeforeLeaving = 'the-closing-check-before-leaving';
    case TheNameOfARate = 'the-name-of-a-rate';
    case TheReturnChamberIsEmpty = 'the-return-chamber-is-empty';
    case TheReturnStops = 'the-return-stops';
    case TheSumpReaches = 'the-sump-reaches';
    case TheTopOffSeesALow = 'the-top-off-sees-a-low';
    case TheWaterGoesWithItsRoom = 'the-water-goes-with-its-room';
    case TwoStopsThatWorkApart = 'two-stops-that-work-apart';
    case UntilItIsReachedNobodyKnows = 'until-it-is-reached-nobody-knows';
    case VesselsLower = 'vessels-lower';
    case WaterLeavesThroughASeam = 'water-leaves-through-a-seam';
    case WaterRunsPastIt = 'water-runs-past-it';
    case WhatCanHappenHereIsOverfilling = 'what-can-happen-here-is-overfilling';
    case WhatEvaporatesIsNotMadeUp = 'what-evaporates-is-not-made-up';
    case WhatStillHeatsHasToHold = 'what-still-heats-has-to-hold';
    case WhatStillWorksHolds = 'what-still-works-holds';
    case WhatTheReturnLiftsIsOnTheFloor = 'what-the-return-lifts-is-on-the-floor';
    case WhetherHelpComesInTime = 'whether-help-comes-in-time';
    case WhForBringsTheOfWater = 'wh-for-brings-the-of-water';
    case WouldStandAtALockedDoor = 'would-stand-at-a-locked-door';
    case WriteDownItDecides = 'write-down-it-decides';

    public static function room(): string
    {
        return 'risk';
    }

    public static function folder(): string
    {
        return __DIR__.'/words';
    }
}
