<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

use Velbrin\Core\Measure\Saying;

/** What this room says; the words stand in `words/en.php`. */
enum Phrase: string implements Saying
{
    case AcidBathGogglesGloves = 'acid-bath-goggles-gloves';
    case ALimitBelow = 'a-limit-below';
    case AnotherTechnicianThanUsual = 'another-technician-than-usual';
    case AnotherVisitBeginsEarlier = 'another-visit-begins-earlier';
    case AnotherVisitBeginsLater = 'another-visit-begins-later';
    case AReadingToStopAtGoes = 'a-reading-to-stop-at-goes';
    case AtLeast = 'at-least';
    case AtLeastTheLimitItBegins = 'at-least-the-limit-it-begins';
    case AtMostTheLimitItBegins = 'at-most-the-limit-it-begins';
    case CalibrationFluids = 'calibration-fluids';
    case CannotStandThere = 'cannot-stand-there';
    case CarbonN = 'carbon-n';
    case DosingSolutions = 'dosing-solutions';
    case EitherALimitBelow = 'either-a-limit-below';
    case FreshFloss = 'fresh-floss';
    case FromAndTo = 'from-and-to';
    case ItWouldStopBeforeItBegins = 'it-would-stop-before-it-begins';
    case LampsN = 'lamps-n';
    case LaterThanDue = 'later-than-due';
    case LessAtTheWheel = 'less-at-the-wheel';
    case LessLateThanDue = 'less-late-than-due';
    case LessOvertime = 'less-overtime';
    case MoreAtTheWheel = 'more-at-the-wheel';
    case MoreOvertime = 'more-overtime';
    case MoreThanTheLowerLimit = 'more-than-the-lower-limit';
    case N0To = 'n0-to';
    case NoLimitIsGiven = 'no-limit-is-given';
    case NotASetOfWeekdays = 'not-a-set-of-weekdays';
    case NothingElseMoves = 'nothing-else-moves';
    case OfROWater = 'of-ro-water';
    case OfSaltWater = 'of-salt-water';
    case OfSand = 'of-sand';
    case OneToSevenDifferentDays = 'one-to-seven-different-days';
    case OpeningHoursCannotBeRead = 'opening-hours-cannot-be-read';
    case OtherVisitsBeginAtAnotherTime = 'other-visits-begin-at-another-time';
    case ReactorMedia = 'reactor-media';
    case ROFilters = 'ro-filters';
    case ThatVanThenCarriesOfSalt = 'that-van-then-carries-of-salt';
    case TheLimitsCross = 'the-limits-cross';
    case TowelsSocks = 'towels-socks';

    public static function room(): string
    {
        return 'rounds';
    }

    public static function folder(): string
    {
        return __DIR__.'/words';
    }
}
