<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic\PowerCutRoom;
use Velbrin\Core\Hydraulics\Pipe;
use Velbrin\Core\Hydraulics\PowerCut;
use Velbrin\Core\Hydraulics\PowerCutFrame;
use Velbrin\Core\Measure\OutOfRange;

/** The power cut of a plan, with the siphon break working or clogged. */
final class PowerCutPlay
{
    /**
     * @return non-empty-list<PowerCutFrame>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function frames(Facts $facts, bool $clogged = false): array
    {
        $facts->need(F::OutletBelowRimMm, F::BreakBelowRimMm, F::ReturnBoreMm, F::ReturnLengthM, F::ReturnSumK);
        $weir = Overflow::of($facts);
        $sump = SumpWater::of($facts);
        [$working, $stuck] = PowerCutRoom::depths($facts, $weir);
        $outlet = $facts->number(F::OutletBelowRimMm) - $weir->edgeBelowRimMm;
        $break = $facts->numberOrNone(F::BreakBelowRimMm);
        $depth = $clogged || $break === null ? $outlet : min($outlet, $break - $weir->edgeBelowRimMm);

        return PowerCut::frames(
            displayAreaM2: DisplayTank::vessel($facts)->insideAreaM2(),
            headMm: $weir->headMm,
            crest: $weir->crest,
            // Above the edge the siphon breaks early; below it the display goes down to the outlet.
            outletDepthMm: $depth > 0 ? ($clogged ? $stuck : $working) : $depth,
            return: Pipe::of($facts->number(F::ReturnBoreMm), $facts->number(F::ReturnLengthM), $facts->number(F::ReturnSumK)),
            dropM: Levels::dropM($facts),
            // Further vessels run down sooner or later; counted at once they leave the sump no excuse.
            pipesL: OtherVessels::withPipesL($facts),
            chambers: array_map(fn (SumpChamber $c): array => [$c->areaM2, $c->levelMm], $sump->chambers),
            rimMm: $sump->rimMm,
        );
    }
}
