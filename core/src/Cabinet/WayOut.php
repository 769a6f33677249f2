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
        $along = $piece->alongMm();
        $height = $piece->piece->heightMm;
        if ($along > $space->doorWidthMm || $height > $space->doorHeightMm || $height > $space->heightMm) {
            return null;
        }
        // Lifted, it must still pass under the brace within and under the head of the opening.
        $bottom = min($space->heightMm, $space->doorHeightMm) - $height;
        $others = array_filter($all, fn (Standing $o): bool => $o->row !== $piece->row && $o->piece->heightMm + self::OVER_MM > $bottom);
        $best = null;
        foreach (self::exits($piece, $others, $space) as $exit) {
            $rows = [];
            $left = min($piece->xMm, $exit);
            $right = max($piece->xMm, $exit) + $along;
            $front = $piece->yMm + $piece->deepMm();
            foreach ($others as $other) {
                if ($other->overlaps($left, $piece->yMm, $right, $front) || $other->overlaps($exit, $piece->yMm, $exit + $along, $space->depthMm)) {
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
