<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Moves\Acclimation;

/** What it takes to bring animals over from their boxes into the water they go to. */
final class CourseOfAnimals
{
    /** Where nobody has measured: as if nothing had to be matched but the lid. */
    private const LEAST_MIN = 15.0;

    /** Until the last of them is over; what is known of a kind goes before what the waters say (L-20). */
    public static function acclimationMin(MoveBrief $brief): float
    {
        $way = self::of($brief);
        if ($way !== null && $way->isStraight) {
            return self::LEAST_MIN;
        }
        $usual = $way->minutes ?? self::LEAST_MIN;
        $each = array_map(fn (Animal $a): float => $a->acclimationMin ?? $usual, $brief->animals);

        return max(self::LEAST_MIN, ...$each === [] ? [$usual] : $each);
    }

    /** From the kept water to the mixed; null: nobody has said what they are. */
    public static function of(MoveBrief $brief): ?Acclimation
    {
        $waters = $brief->waters;
        $old = $waters->old;
        $after = WaterAnswer::of($waters)?->after;
        $isKnown = isset($old['temperature'], $old['salinity'], $old['ph'], $after['temperature'], $after['salinity'], $after['ph']);
        if ($after === null || ! $isKnown) {
            return null;
        }

        return Acclimation::of(
            fromC: $old['temperature'],
            toC: $after['temperature'],
            fromSalinity: $old['salinity'],
            toSalinity: $after['salinity'],
            fromPh: $old['ph'],
            toPh: $after['ph'],
            totalMgL: $waters->totalAmmoniaMgL,
        );
    }
}
