<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

/**
 * Whether a piece comes out of a cabinet: lifted straight up as far as the headroom allows, along to the opening, then forwards
 * through it. What it would hit on the way is what has to move first (B-62).
 */
final class WayOut
{
    /** Between a lifted piece and what it passes over, mm. */
    public const OVER_MM = 10.0;

    /**
     * The others that stand in the way on the freest way out, as their rows; null when no way exists even in an empty cabinet.
     *
     * @param  list<Standing>  $all  the piece itself may be among them
     * @return list<int>|null
     */
    public static function inTheWay(Standing $piece, array $all, Space $space): ?array
    {
        if (! self::passes($piece, $space)) {
            return null;
        }
        $others = self::tall($piece, $all, $space);
        $best = null;
        foreach (self::exits($piece, $others, $space) as $exit) {
            $rows = [];
            foreach ($others as $other) {
                if (self::corridorMeets($piece, $exit, $other, $space)) {
                    $rows[] = $other->row;
                }
            }
            if ($best === null || count($rows) < count($best)) {
                $best = $rows;
            }
            if ($best === []) {
                break;
            }
        }

        return $best;
    }

    /**
     * A place along the front, mm from the left, at which it leaves without touching anything; null when there is none.
     *
     * @param  list<Standing>  $all  the piece itself may be among them
     */
    public static function freeExit(Standing $piece, array $all, Space $space): ?float
    {
        if (! self::passes($piece, $space)) {
            return null;
        }
        $others = self::tall($piece, $all, $space);
        foreach (self::exits($piece, $others, $space) as $exit) {
            foreach ($others as $other) {
                if (self::corridorMeets($piece, $exit, $other, $space)) {
                    continue 2;
                }
            }

            return $exit;
        }

        return null;
    }

    /** Whether that other thing closes that way out. */
    public static function closes(Standing $other, Standing $piece, float $exit, Space $space): bool
    {
        return self::tall($piece, [$other], $space) !== [] && self::corridorMeets($piece, $exit, $other, $space);
    }

    private static function passes(Standing $piece, Space $space): bool
    {
        $height = $piece->piece->heightMm;

        return $piece->alongMm() <= $space->doorWidthMm &&
            $height <= $space->doorHeightMm &&
            $height <= $space->heightMm;
    }

    /**
     * Those it cannot be lifted over: lifted, it must still pass under the brace within and under the head of the opening.
     *
     * @param  list<Standing>  $all
     * @return list<Standing>
     */
    private static function tall(Standing $piece, array $all, Space $space): array
    {
        $bottom = min($space->heightMm, $space->doorHeightMm) - $piece->piece->heightMm;

        $tall = [];
        foreach ($all as $other) {
            if ($other->row !== $piece->row && $other->piece->heightMm + self::OVER_MM > $bottom) {
                $tall[] = $other;
            }
        }

        return $tall;
    }

    /** Along to the exit, then forwards. */
    private static function corridorMeets(Standing $piece, float $exit, Standing $other, Space $space): bool
    {
        $along = $piece->alongMm();

        return $other->overlaps(
            min($piece->xMm, $exit),
            $piece->yMm,
            max($piece->xMm, $exit) + $along,
            $piece->yMm + $piece->deepMm(),
        ) || $other->overlaps($exit, $piece->yMm, $exit + $along, $space->depthMm);
    }

    /**
     * Where along the front it might leave: where it stands, and beside each thing that could be in the way.
     *
     * @param  array<Standing>  $others
     * @return list<float>
     */
    private static function exits(Standing $piece, array $others, Space $space): array
    {
        $least = $space->doorFromLeftMm;
        $most = $least + $space->doorWidthMm - $piece->alongMm();
        $exits = [min($most, max($least, $piece->xMm)), $least, $most];
        foreach ($others as $other) {
            foreach ([$other->xMm - $piece->alongMm(), $other->xMm + $other->alongMm()] as $x) {
                if ($x > $least && $x < $most) {
                    $exits[] = $x;
                }
            }
        }

        return $exits;
    }
}
