<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;

/** A sump that stands one or more storeys below its display (B-91): the fall between the floors, and what the risers hold. */
final class Storeys
{
    /** Floor to floor, where ceilings are counted. */
    private const STOREY_MM = 3000.0;

    /** How far the sump's floor lies below the display's, mm; 0 on the same floor. */
    public static function belowMm(Facts $facts): float
    {
        $hasSump = $facts->brief->hasAny(F::SumpLengthMm, F::SumpWidthMm, F::SumpHeightMm, F::SumpBelowMm);

        return $hasSump ? (float) $facts->usual(F::SumpBelowMm) : 0.0;
    }

    public static function isBelow(Facts $facts): bool
    {
        return self::belowMm($facts) > 0;
    }

    /** Ceilings the pipes pass. */
    public static function ceilings(Facts $facts): int
    {
        return self::isBelow($facts) ? max(1, (int) round(self::belowMm($facts) / self::STOREY_MM)) : 0;
    }

    /**
     * Water in the pipes between the floors, L: return lines stand full, and of the drains the full siphons do. It comes down with a
     * power cut, besides what runs down in the cabinet.
     *
     * @throws Missing
     */
    public static function risersL(Facts $facts): float
    {
        if (! self::isBelow($facts)) {
            return 0.0;
        }
        $facts->need(F::ReturnBoreMm, F::Drains, F::DrainBoreMm);
        $returns = Topic\ReturnPump::lines($facts) * self::areaM2($facts->number(F::ReturnBoreMm));
        $isSiphon = DrainSchool::from($facts->word(F::Drains))->isSiphon();
        $drains = $isSiphon ? BlockedMain::mains($facts) * self::areaM2($facts->number(F::DrainBoreMm)) : 0.0;

        return ($returns + $drains) * self::belowMm($facts);
    }

    /** Cross-section of a bore; times mm of length it gives litres. */
    private static function areaM2(float $boreMm): float
    {
        return (M_PI / 4) * ($boreMm / 1000) ** 2;
    }
}
