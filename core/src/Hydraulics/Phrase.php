<?php

declare(strict_types=1);

namespace Velbrin\Core\Hydraulics;

use Velbrin\Core\Measure\Saying;

/** What this room says; the words stand in `words/en.php`. */
enum Phrase: string implements Saying
{
    case ALargerSump = 'a-larger-sump';
    case APumpsHeadFalls = 'a-pumps-head-falls';
    case BelowTheSumpsRim = 'below-the-sumps-rim';
    case ComeDownTheSumpTakesWanted = 'come-down-the-sump-takes-wanted';
    case LongEnoughThatTheHeadStays = 'long-enough-that-the-head-stays';
    case OnePointIsNoCurve = 'one-point-is-no-curve';
    case PointsOfRisingFlowAndFalling = 'points-of-rising-flow-and-falling';
    case PowerCutLeavesSpare = 'power-cut-leaves-spare';
    case PowerCutPutsOnTheFloor = 'power-cut-puts-on-the-floor';
    case RunTheSumpAtOrLower = 'run-the-sump-at-or-lower';
    case TwoPointsOrMore = 'two-points-or-more';

    public static function room(): string
    {
        return 'hydraulics';
    }

    public static function folder(): string
    {
        return __DIR__.'/words';
    }
}
