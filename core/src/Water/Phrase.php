<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Measure\Saying;

/** What this room says; the words stand in `words/en.php`. */
enum Phrase: string implements Saying
{
    case ADrainThatTakes = 'a-drain-that-takes';
    case AerateStopFeedingFindWhatDied = 'aerate-stop-feeding-find-what-died';
    case AerateTheNewWaterFirst = 'aerate-the-new-water-first';
    case AFloatOnTheProductLine = 'a-float-on-the-product-line';
    case AFloatOnTheProductLineStops = 'a-float-on-the-product-line-stops';
    case AlkalinityAndPHOfBothWaters = 'alkalinity-and-ph-of-both-waters';
    case AllFour = 'all-four';
    case AllWaterCanBeReady = 'all-water-can-be-ready';
    case AndStillBeLate = 'and-still-be-late';
    case AShutOffOnTheFeed = 'a-shut-off-on-the-feed';
    case AsksForMix = 'asks-for-mix';
    case AtLeastMore = 'at-least-more';
    case AtMostInOneChange = 'at-most-in-one-change';
    case AtTheColdestFeed = 'at-the-coldest-feed';
    case AtWorstCome = 'at-worst-come';
    case AtWorstStandOnTheFloor = 'at-worst-stand-on-the-floor';
    case BeginToFillWhileItStill = 'begin-to-fill-while-it-still';
    case BringTheWaterAnotherDay = 'bring-the-water-another-day';
    case ChangeLitres = 'change-litres';
    case ChangeShare = 'change-share';
    case ChooseAMixOfOrLess = 'choose-a-mix-of-or-less';
    case CollectROWaterInASecond = 'collect-ro-water-in-a-second';
    case ComparedWith = 'compared-with';
    case ComparedWithNothing = 'compared-with-nothing';
    case CoolTheNewWater = 'cool-the-new-water';
    case FromTheMainsItBringsWater = 'from-the-mains-it-brings-water';
    case GoOnSlowlyAndWatch = 'go-on-slowly-and-watch';
    case InsteadOfAboutOfROWater = 'instead-of-about-of-ro-water';
    case InsteadOfAboutOfSaltMore = 'instead-of-about-of-salt-more';
    case InsteadOfLetItCool = 'instead-of-let-it-cool';
    case InsteadOfToWarm = 'instead-of-to-warm';
    case InsteadOfWarmIt = 'instead-of-warm-it';
    case ItHasNoRunLimit = 'it-has-no-run-limit';
    case ItIsToBeUsed = 'it-is-to-be-used';
    case ItMayRunAtItsColdest = 'it-may-run-at-its-coldest';
    case ItRunsNoLongerThan = 'it-runs-no-longer-than';
    case ItsCannotBeReady = 'its-cannot-be-ready';
    case ItsLimitOfIsLonger = 'its-limit-of-is-longer';
    case ItWouldDoTo = 'it-would-do-to';
    case ItWouldHelpTo = 'it-would-help-to';
    case LeaveLater = 'leave-later';
    case List = 'list';
    case LookAndWriteItDown = 'look-and-write-it-down';
    case MeasureThem = 'measure-them';
    case MixesForMore = 'mixes-for-more';
    case MixInOneMoreVesselOf = 'mix-in-one-more-vessel-of';
    case MixItAfterTheOtherBatches = 'mix-it-after-the-other-batches';
    case MixMoreOrSayWhichPromise = 'mix-more-or-say-which-promise';
    case MoreThan0AndAtMost = 'more-than0-and-at-most';
    case MoreThan0WhenTheWater = 'more-than0-when-the-water';
    case MoreThanButAmmoniaOutranksIt = 'more-than-but-ammonia-outranks-it';
    case NameWayMove = 'name-way-move';
    case NewWaterOfTheTanksTemperature = 'new-water-of-the-tanks-temperature';
    case NobodyHasSaidWhatTray = 'nobody-has-said-what-tray';
    case NoChangeEndsUnder = 'no-change-ends-under';
    case NothingReachesTheFloor = 'nothing-reaches-the-floor';
    case OfROWaterAreStill = 'of-ro-water-are-still';
    case OneAfterTheOther = 'one-after-the-other';
    case OnlyWaterThatIsMixed = 'only-water-that-is-mixed';
    case PromiseLitresUncovered = 'promise-litres-uncovered';
    case RaiseItsAlkalinityToOrMore = 'raise-its-alkalinity-to-or-more';
    case RaiseTheNewWater = 'raise-the-new-water';
    case ReadAgo = 'read-ago';
    case SetLimit = 'set-limit';
    case ShortEnoughThatWaterIsLeft = 'short-enough-that-water-is-left';
    case SuchThatAMixture = 'such-that-a-mixture';
    case TakeFewer = 'take-fewer';
    case TakeFromTheReserve = 'take-from-the-reserve';
    case TheRestRuns = 'the-rest-runs';
    case TheROTankHolds = 'the-ro-tank-holds';
    case TheROWaterThatStands = 'the-ro-water-that-stands';
    case TheSameKeysInBoth = 'the-same-keys-in-both';
    case ThinTheNewWater = 'thin-the-new-water';
    case ThisOrThat = 'this-or-that';
    case ToBeMeasured = 'to-be-measured';
    case TooOldForRinsingOnly = 'too-old-for-rinsing-only';
    case UntilItsLimitItBrings = 'until-its-limit-it-brings';
    case WarmTheNewWater = 'warm-the-new-water';
    case WarmWithInAll = 'warm-with-in-all';
    case WasteWaterRuns = 'waste-water-runs';
    case WaterAndFreshMustName = 'water-and-fresh-must-name';
    case WaterForIsLate = 'water-for-is-late';
    case WhetherAnythingShutsItsFeed = 'whether-anything-shuts-its-feed';
    case WhetherWouldFindAPlace = 'whether-would-find-a-place';
    case WouldBeOlderThanIts = 'would-be-older-than-its';

    public static function room(): string
    {
        return 'water';
    }

    public static function folder(): string
    {
        return __DIR__.'/words';
    }
}
