<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

/**
 * Whether a piece comes out of a cabinet: lifted straight up as far as the headroom and what is built in allow, along to the opening,
 * then forwards through it. What it would hit on the way is what has to move first (B-62, B-98).
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
        $ways = [];
        foreach (self::heights($piece, $space) as $height) {
            $others = self::reached($piece, $height, $all);
            foreach (self::exits($piece, $others, $space) as $exit) {
                $way = new Way($exit, $height);
                if (self::isBuiltUp($piece, $way, $space)) {
                    continue;
                }
                $rows = [];
                foreach ($others as $other) {
                    if (self::corridorMeets($piece, $way, $other->patches, $space)) {
                        $rows[] = $other->row;
                    }
                }
                if ($rows === []) {
                    return [];
                }
                $ways[] = $rows;
            }
        }

        usort($ways, fn (array $a, array $b): int => count($a) <=> count($b));

        return $ways[0] ?? null;
    }

    /**
     * A way on which it touches nothing; null when there is none.
     *
     * @param  list<Standing>  $all  the piece itself may be among them
     */
    public static function free(Standing $piece, array $all, Space $space): ?Way
    {
        foreach (self::heights($piece, $space) as $height) {
            $others = self::reached($piece, $height, $all);
            foreach (self::exits($piece, $others, $space) as $exit) {
                $way = new Way($exit, $height);
                if (self::isBuiltUp($piece, $way, $space)) {
                    continue;
                }
                foreach ($others as $other) {
                    if (self::corridorMeets($piece, $way, $other->patches, $space)) {
                        continue 2;
                    }
                }

                return $way;
            }
        }

        return null;
    }

    /** Whether that other thing closes that way out. */
    public static function closes(Standing $other, Standing $piece, Way $way, Space $space): bool
    {
        return self::reached($piece, $way->zMm, [$other]) !== [] && self::corridorMeets($piece, $way, $other->patches, $space);
    }

    /**
     * How high it might be carried: as high as brace and opening allow, or close under a frame or a shelf; whatever lies between is no
     * freer than the next of these above it. None when it does not pass the opening at all.
     *
     * @return list<float>
     */
    private static function heights(Standing $piece, Space $space): array
    {
        $most = min($space->heightMm, $space->doorHeightMm) - $piece->piece->heightMm;
        if ($piece->alongMm() > $space->doorWidthMm || $most < $piece->zMm) {
            return [];
        }
        $heights = [$most];
        foreach ($space->ledges as $ledge) {
            $under = $ledge->bottomMm - $piece->piece->heightMm;
            if ($under >= $piece->zMm && $under < $most) {
                $heights[] = $under;
            }
        }

        return array_values(array_unique($heights));
    }

    /**
     * Those it meets if carried so high: it is neither lifted over them nor passes under them.
     *
     * @param  list<Standing>  $all
     * @return list<Standing>
     */
    private static function reached(Standing $piece, float $heightMm, array $all): array
    {
        $reached = [];
        foreach ($all as $other) {
            $isOver = $other->topMm() + self::OVER_MM <= $heightMm || $other->topMm() <= $piece->zMm;
            $isUnder = $other->zMm >= $heightMm + $piece->piece->heightMm;
            // What stands in the sump comes out before the sump does.
            $isInIt = $piece->piece->isSump && $other->piece->inSump !== null;
            if ($other->row !== $piece->row && ! $isOver && ! $isUnder && ! $isInIt) {
                $reached[] = $other;
            }
        }

        return $reached;
    }

    /** A frame or a shelf is in the way. */
    private static function isBuiltUp(Standing $piece, Way $way, Space $space): bool
    {
        $top = $way->zMm + $piece->piece->heightMm;
        foreach ($space->ledges as $ledge) {
            if ($ledge->topMm() <= $piece->zMm || $ledge->bottomMm >= $top) {
                continue;
            }
            $isPassedOver = $ledge->topMm() + self::OVER_MM <= $way->zMm;
            if (
                $piece->meetsAny([$ledge->patch]) ||
                (! $isPassedOver && self::corridorMeets($piece, $way, [$ledge->patch], $space))
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * Along to the exit, then forwards.
     *
     * @param  list<Rect>  $patches
     */
    private static function corridorMeets(Standing $piece, Way $way, array $patches, Space $space): bool
    {
        $shift = $way->xMm - $piece->xMm;
        foreach ($piece->patches as $own) {
            $left = min($own->leftMm, $own->leftMm + $shift);
            $right = max($own->rightMm, $own->rightMm + $shift);
            $along = new Rect($left, $own->backMm, $right, $own->frontMm);
            $forwards = new Rect($own->leftMm + $shift, $own->backMm, $own->rightMm + $shift, $space->depthMm);
            foreach ($patches as $patch) {
                if ($along->meets($patch) || $forwards->meets($patch)) {
                    return true;
                }
            }
        }

        return false;
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
        $beside = [];
        foreach ($others as $other) {
            array_push($beside, $other->xMm - $piece->alongMm(), $other->rightMm);
        }
        foreach ($space->ledges as $ledge) {
            array_push($beside, $ledge->patch->leftMm - $piece->alongMm(), $ledge->patch->rightMm);
        }
        foreach ($beside as $x) {
            if ($x > $least && $x < $most) {
                $exits[] = $x;
            }
        }

        return $exits;
    }
}
