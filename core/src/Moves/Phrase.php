<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

use Velbrin\Core\Measure\Saying;

/** What this room says; the words stand in `words/en.php`. */
enum Phrase: string implements Saying
{
    case ABetterBox = 'a-better-box';
    case ABoxOfItsOwn = 'a-box-of-its-own';
    case ABoxOfOrMoreInside = 'a-box-of-or-more-inside';
    case ADate = 'a-date';
    case AFoamBox = 'a-foam-box';
    case AgeSeamsCrazingCorners = 'age-seams-crazing-corners';
    case ALargerBox = 'a-larger-box';
    case ALargerBoxWhereThere = 'a-larger-box-where-there';
    case AnimalsAreReachedWithoutUnloading = 'animals-are-reached-without-unloading';
    case AnimalsComeFromALongWay = 'animals-come-from-a-long-way';
    case AnimalSharesBox = 'animal-shares-box';
    case AnimalsStayInTheHoldingUntil = 'animals-stay-in-the-holding-until';
    case AnotherOneOrPlanB = 'another-one-or-plan-b';
    case AskAndWriteDownWhoAgreed = 'ask-and-write-down-who-agreed';
    case ASkillOfTheTeam = 'a-skill-of-the-team';
    case ASpareBatteryOnTheList = 'a-spare-battery-on-the-list';
    case AStrongerPump = 'a-stronger-pump';
    case AtMost = 'at-most';
    case ATrolleyACarrier = 'a-trolley-a-carrier';
    case AValue = 'a-value';
    case BoxesAreFilledWithCleanOld = 'boxes-are-filled-with-clean-old';
    case ByTheirLength = 'by-their-length';
    case ColdAndJoltsCrackItHours = 'cold-and-jolts-crack-it-hours';
    case ComesDownTo = 'comes-down-to';
    case ComesUpTo = 'comes-up-to';
    case CompleteIt = 'complete-it';
    case CrewCountedItsBrakesAndTyres = 'crew-counted-its-brakes-and-tyres';
    case EachNameOnce = 'each-name-once';
    case FillItWhereItRides = 'fill-it-where-it-rides';
    case FindsNoPlaceInTheTruck = 'finds-no-place-in-the-truck';
    case FreshSaysNothingOf = 'fresh-says-nothing-of';
    case FrostStormOrACrack = 'frost-storm-or-a-crack';
    case GiveItABox = 'give-it-a-box';
    case HalfAsLongAgain = 'half-as-long-again';
    case HasInHand = 'has-in-hand';
    case HasInHand2 = 'has-in-hand2';
    case HasNoBox = 'has-no-box';
    case HoldsItsFishWant = 'holds-its-fish-want';
    case HoldsWouldBeComfort = 'holds-would-be-comfort';
    case IfItDoesNotGoOn = 'if-it-does-not-go-on';
    case InASmallBoxItBites = 'in-a-small-box-it-bites';
    case InTheColdNothingSoaksOutdoors = 'in-the-cold-nothing-soaks-outdoors';
    case InTheHoldingAmmoniaHarms = 'in-the-holding-ammonia-harms';
    case IsMissedBy = 'is-missed-by';
    case IsMoreThanThreeOfThose = 'is-more-than-three-of-those';
    case IsNoStep = 'is-no-step';
    case IsOldAcrylic = 'is-old-acrylic';
    case IsShorterThan = 'is-shorter-than';
    case IsThereTwice = 'is-there-twice';
    case ItCannotTurn = 'it-cannot-turn';
    case ItHarmsThroughSkin = 'it-harms-through-skin';
    case ItHelpsAndIsNotCounted = 'it-helps-and-is-not-counted';
    case ItIsOutside = 'it-is-outside';
    case ItLacksWithoutAPlace = 'it-lacks-without-a-place';
    case ItLastsAndLeavesLittle = 'it-lasts-and-leaves-little';
    case ItLeansInEveryBend = 'it-leans-in-every-bend';
    case ItNeeds = 'it-needs';
    case ItNeedsTheOldWatersTemperature = 'it-needs-the-old-waters-temperature';
    case ItNeedsWheelbase = 'it-needs-wheelbase';
    case ItRisesByADay = 'it-rises-by-a-day';
    case KeepADayForIt = 'keep-a-day-for-it';
    case KeepMore = 'keep-more';
    case KnowBeforehandWhatWillBeLeft = 'know-beforehand-what-will-be-left';
    case LastsItsAnimals = 'lasts-its-animals';
    case LeaveSomethingForAnotherDay = 'leave-something-for-another-day';
    case LegByLeg = 'leg-by-leg';
    case ListThemWhereNoneRideSay = 'list-them-where-none-ride-say';
    case LookAndWriteDownWhatWas = 'look-and-write-down-what-was';
    case MeasureIt = 'measure-it';
    case MixItNearerToTheOld = 'mix-it-nearer-to-the-old';
    case MoreLitresAFilterThatRuns = 'more-litres-a-filter-that-runs';
    case MoreThanTheItsStagesMay = 'more-than-the-its-stages-may';
    case NameSomebodyWhoCanCome = 'name-somebody-who-can-come';
    case NeitherBoxesNorClocksNor = 'neither-boxes-nor-clocks-nor';
    case NeitherHandsNorTruckCan = 'neither-hands-nor-truck-can';
    case NoAnimalIsListed = 'no-animal-is-listed';
    case NoBetterOrderWasFound = 'no-better-order-was-found';
    case NobodyCanSayYet = 'nobody-can-say-yet';
    case NobodyCanSayYetHowLong = 'nobody-can-say-yet-how-long';
    case NobodyCanSayYetHowWarm = 'nobody-can-say-yet-how-warm';
    case NobodyHasAgreedToPlanB = 'nobody-has-agreed-to-plan-b';
    case NobodyHasLookedOver = 'nobody-has-looked-over';
    case NobodyHasSaidHowCold = 'nobody-has-said-how-cold';
    case NobodyHasSaidHowLarge = 'nobody-has-said-how-large';
    case NobodyHasSaidHowLong = 'nobody-has-said-how-long';
    case NobodyStandsBy = 'nobody-stands-by';
    case NoMore = 'no-more';
    case NoOtherDayIsKept = 'no-other-day-is-kept';
    case OfOfOldWaterTheTruck = 'of-of-old-water-the-truck';
    case OfTheLoad = 'of-the-load';
    case OneStageThatTakesAsMuch = 'one-stage-that-takes-as-much';
    case OneWhoFallsIll = 'one-who-falls-ill';
    case OnStairsTwoThirds = 'on-stairs-two-thirds';
    case PieceIsVerdict = 'piece-is-verdict';
    case PlanTheWaitBeforeFilling = 'plan-the-wait-before-filling';
    case ReadTheForecast = 'read-the-forecast';
    case RideBehind = 'ride-behind';
    case SayItInThePlan = 'say-it-in-the-plan';
    case SetItUpFirst = 'set-it-up-first';
    case SomethingOfTheListOfUses = 'something-of-the-list-of-uses';
    case StepsThatComeToAnEnd = 'steps-that-come-to-an-end';
    case StressedItPoisonsTheWater = 'stressed-it-poisons-the-water';
    case TakeLessStowItOtherwiseDrive = 'take-less-stow-it-otherwise-drive';
    case ThatSchema = 'that-schema';
    case TheAirOfDoesNotCarry = 'the-air-of-does-not-carry';
    case TheAxleWouldBear = 'the-axle-would-bear';
    case TheBatteryOfLasts = 'the-battery-of-lasts';
    case TheBoxesWant = 'the-boxes-want';
    case TheCourseOfTheDayCannot = 'the-course-of-the-day-cannot';
    case TheFrontAxleKeepsOnly = 'the-front-axle-keeps-only';
    case TheHoldingIsNotProved = 'the-holding-is-not-proved';
    case TheLongestWayAloneTakesLonger = 'the-longest-way-alone-takes-longer';
    case TheNameOfAStep = 'the-name-of-a-step';
    case TheNewWaterTakesFurther = 'the-new-water-takes-further';
    case ThenItsOxygen = 'then-its-oxygen';
    case TheRestIsMixedNew = 'the-rest-is-mixed-new';
    case TheRestOfTheLoadLeaves = 'the-rest-of-the-load-leaves';
    case TheTruckWouldCarry = 'the-truck-would-carry';
    case TheWholeMayBeLightEnough = 'the-whole-may-be-light-enough';
    case ThreeOfThoseWhoComeDo = 'three-of-those-who-come-do';
    case TogetherPeopleLiftLess = 'together-people-lift-less';
    case TooManySteps = 'too-many-steps';
    case UnderAFifthOfTheWhole = 'under-a-fifth-of-the-whole';
    case UprightWithNothingOnAnimals = 'upright-with-nothing-on-animals';
    case UsesWhichIsNotThere = 'uses-which-is-not-there';
    case WaitsForItselfInACircle = 'waits-for-itself-in-a-circle';
    case WantsPeopleThereAre = 'wants-people-there-are';
    case WantsWhichNobodyOfTheTeam = 'wants-which-nobody-of-the-team';
    case WeighsWhenItIsFull = 'weighs-when-it-is-full';
    case WetGlovedEyesCoveredNeverScrubbed = 'wet-gloved-eyes-covered-never-scrubbed';
    case WhoeverIsCaughtNeedsWater = 'whoever-is-caught-needs-water';
    case ZoanthidsRideAlong = 'zoanthids-ride-along';

    public static function room(): string
    {
        return 'moves';
    }

    public static function folder(): string
    {
        return __DIR__.'/words';
    }
}
