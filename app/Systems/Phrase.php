<?php

declare(strict_types=1);

namespace App\Systems;

use Velbrin\Core\Measure\Saying;

/** What this room says; the words stand in `words/en.php`. */
enum Phrase: string implements Saying
{
    case AsGoodAsTheTimedBucket = 'as-good-as-the-timed-bucket';
    case AsOneBatch = 'as-one-batch';
    case Below28GKgAnimals = 'below28-g-kg-animals';
    case DissolvedOutsideTheSystem = 'dissolved-outside-the-system';
    case FirstSlowlyWhereTheWaterMoves = 'first-slowly-where-the-water-moves';
    case MeasureAfterEachStep = 'measure-after-each-step';
    case NothingEvaporates = 'nothing-evaporates';
    case OfTheTanksTemperature = 'of-the-tanks-temperature';
    case PlusMinusForWhatTheInstrumentCannot = 'plus-minus-for-what-the-instrument-cannot';
    case PlusMinusForWhatTwoThermometersCannot = 'plus-minus-for-what-two-thermometers-cannot';
    case ProbeOlderThanAMonth = 'probe-older-than-a-month';
    case ThatWaterCanNeverBring = 'that-water-can-never-bring';
    case TheChangeGoes = 'the-change-goes';

    public static function room(): string
    {
        return 'app.systems';
    }

    public static function folder(): string
    {
        return __DIR__.'/words';
    }
}
