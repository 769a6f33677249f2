<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** Charges of media that do the same work are not exchanged together: one that has run in always stays (S-48). */
final readonly class Stagger
{
    /** A charge may be exchanged early for it, never before this share of its life. */
    public const EARLIEST_SHARE = 0.6;

    /**
     * The day a new charge is due: at the end of its life, or earlier where another one is due then.
     *
     * @param  float  $lifeDays  over 0
     * @param  list<float>  $otherDueDays  of the charges that do the same work in the same water
     *
     * @throws OutOfRange
     */
    public static function due(float $inDay, float $lifeDays, array $otherDueDays): float
    {
        Guard::positive('lifeDays', $lifeDays);
        $latest = floor($inDay + $lifeDays);
        $earliest = ceil($inDay + self::EARLIEST_SHARE * $lifeDays);
        $wanted = self::gap($lifeDays, count($otherDueDays) + 1);
        [$best, $bestGap] = [$latest, self::nearest($latest, $otherDueDays)];
        for ($day = $latest; $day >= $earliest && $bestGap < $wanted; $day--) {
            $gap = self::nearest($day, $otherDueDays);
            if ($gap > $bestGap) {
                [$best, $bestGap] = [$day, $gap];
            }
        }

        return $best;
    }

    /** Days wanted between the exchanges of so many charges: half of an even spread. */
    public static function gap(float $lifeDays, int $charges): float
    {
        return $charges < 2 ? 0.0 : $lifeDays / (2 * $charges);
    }

    /** @param  list<float>  $others */
    public static function nearest(float $day, array $others): float
    {
        return $others === [] ? INF : min(array_map(fn (float $other): float => abs($day - $other), $others));
    }
}
