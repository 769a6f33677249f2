<?php

declare(strict_types=1);

namespace App\Rounds;

use Velbrin\Core\Measure\Saying;

/** What this room says; the words stand in `words/en.php`. */
enum Phrase: string implements Saying
{
    case AboveTheRunningLevelTheSump = 'above-the-running-level-the-sump';
    case AtTakeEachWay = 'at-take-each-way';
    case FromTheSumpAlone = 'from-the-sump-alone';
    case FromTheSumpAloneItGives = 'from-the-sump-alone-it-gives';
    case GoesFromToWithThisMix = 'goes-from-to-with-this-mix';
    case GoesFromToWithThisMix2 = 'goes-from-to-with-this-mix2';
    case IfTheSumpsPartWentOut = 'if-the-sumps-part-went-out';
    case NewWaterFrom = 'new-water-from';
    case RefillingWithTheReturn = 'refilling-with-the-return';
    case RefillingWithTheReturnOnRuns = 'refilling-with-the-return-on-runs';
    case TheSumpGivesNothing = 'the-sump-gives-nothing';

    public static function room(): string
    {
        return 'app.rounds';
    }

    public static function folder(): string
    {
        return __DIR__.'/words';
    }
}
