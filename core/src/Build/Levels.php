<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Measure\OutOfRange;

/** Heights of the whole build above the room's floor, mm. */
final readonly class Levels
{
    private function __construct(public float $displayBottomMm, public float $rimMm, public float $sumpInsideFloorMm)
    {
    }

    /**
     * @throws Missing
     * @throws OutOfRange when the sump does not stand under its stand
     */
    public static function of(Facts $facts): self
    {
        $facts->need(F::HeightMm);
        $bottom = $facts->number(F::StandHeightMm);

        return new self(
            $bottom,
            $bottom + $facts->number(F::HeightMm),
            $facts->number(F::SumpBaseMm) + $facts->number(F::SumpFloorMm) - Storeys::belowMm($facts),
        );
    }

    /**
     * Fall from the running display surface to the sump's return-chamber surface, m: what drives a siphon either way.
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function dropM(Facts $facts): float
    {
        $levels = self::of($facts);
        $sump = SumpWater::of($facts);
        $display = $levels->rimMm - Overflow::of($facts)->runningBelowRimMm;
        $drop = ($display - $levels->sumpInsideFloorMm - $sump->returnChamber()->levelMm) / 1000;
        if ($drop <= 0) {
            throw OutOfRange::number(
                F::StandHeightMm->value,
                $facts->number(F::StandHeightMm),
                Phrase::HighEnoughThatTheDisplaysWater,
            );
        }

        return $drop;
    }
}
