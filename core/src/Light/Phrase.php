<?php

declare(strict_types=1);

namespace Velbrin\Core\Light;

use Velbrin\Core\Measure\Saying;

/** What this room says; the words stand in `words/en.php`. */
enum Phrase: string implements Saying
{
    case AGridOfReadingsIsNeeded = 'a-grid-of-readings-is-needed';
    case AsManyAsArePredicted = 'as-many-as-are-predicted';
    case AtLeast0 = 'at-least0';
    case AtLeast1 = 'at-least1';
    case AtLeast2By2Points = 'at-least2-by2-points';
    case ColumnsReadings = 'columns-readings';
    case DistanceStepRowsOfReadingsParted = 'distance-step-rows-of-readings-parted';
    case EachFixingMustHold = 'each-fixing-must-hold';
    case EveryRowOfTheGridNeeds = 'every-row-of-the-grid-needs';
    case FixingAndCeilingToBeConfirmed = 'fixing-and-ceiling-to-be-confirmed';
    case IsNotAReading = 'is-not-a-reading';
    case MoreOrStrongerFixings = 'more-or-stronger-fixings';
    case N1To100 = 'n1-to100';
    case N2By2ToByReadings = 'n2-by2-to-by-readings';
    case Numbers = 'numbers';
    case TheEnteredFixingsMeetTheFactor = 'the-entered-fixings-meet-the-factor';
    case TheMeasuredGridCannotBeRead = 'the-measured-grid-cannot-be-read';

    public static function room(): string
    {
        return 'light';
    }

    public static function folder(): string
    {
        return __DIR__.'/words';
    }
}
