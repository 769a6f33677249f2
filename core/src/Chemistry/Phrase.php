<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

use Velbrin\Core\Measure\Saying;

/** What this room says; the words stand in `words/en.php`. */
enum Phrase: string implements Saying
{
    case AddsTo = 'adds-to';
    case AndThisAlkalinityGiveNoPH = 'and-this-alkalinity-give-no-ph';
    case APairThatSeaWaterCan = 'a-pair-that-sea-water-can';
    case APHThisAlkalinityCanHave = 'aph-this-alkalinity-can-have';
    case AtLeastOne = 'at-least-one';
    case AtLeastTheLimitsStand = 'at-least-the-limits-stand';
    case BringItBackInSteps = 'bring-it-back-in-steps';
    case ChangeAsMuchAsTheAnswer = 'change-as-much-as-the-answer';
    case ChangeAsMuchAsTheAnswerSays = 'change-as-much-as-the-answer-says';
    case DoubtTheInstrumentFirst = 'doubt-the-instrument-first';
    case FallingADay = 'falling-a-day';
    case FreeAmmonia = 'free-ammonia';
    case FreeAmmoniaActToday = 'free-ammonia-act-today';
    case FreeAmmoniaChangeWaterNow = 'free-ammonia-change-water-now';
    case FromOnGillsBurn = 'from-on-gills-burn';
    case GiveLessOf = 'give-less-of';
    case InAllAtPHAnd = 'in-all-at-ph-and';
    case InAllNotReadWithin = 'in-all-not-read-within';
    case IsAlreadyHighOrRising = 'is-already-high-or-rising';
    case IsAlreadyLowOrFalling = 'is-already-low-or-falling';
    case IsOverTheLine = 'is-over-the-line';
    case IsReadItOnceMore = 'is-read-it-once-more';
    case IsTenTimesOff = 'is-ten-times-off';
    case IsUnderTheLine = 'is-under-the-line';
    case LeastToMost = 'least-to-most';
    case LeavesTheBandIn = 'leaves-the-band-in';
    case LeavesTheBandToday = 'leaves-the-band-today';
    case LookAtWhatChanged = 'look-at-what-changed';
    case MoreThan = 'more-than';
    case MoreThan0 = 'more-than0';
    case MovesFasterThanADay = 'moves-faster-than-a-day';
    case NameValueStanding = 'name-value-standing';
    case NeedsMoreReadingsBeforeItSays = 'needs-more-readings-before-it-says';
    case OneActsAt = 'one-acts-at';
    case ReadingsHoldsNoUnmarkedReadingUp = 'readings-holds-no-unmarked-reading-up';
    case ReadItAgainBeforeThen = 'read-it-again-before-then';
    case RisingADay = 'rising-a-day';
    case SteadyWithinWhatTheKitCan = 'steady-within-what-the-kit-can';
    case TakesFrom = 'takes-from';

    public static function room(): string
    {
        return 'chemistry';
    }

    public static function folder(): string
    {
        return __DIR__.'/words';
    }
}
