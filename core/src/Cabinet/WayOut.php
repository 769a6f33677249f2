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
        $fewest = null;
        foreach (self::ways($piece, $all, $space) as [$way, $others]) {
            $met = self::met($piece, $way, $others, $space);
            if ($met === []) {
                return [];
            }
            $fewest = $fewest === null || count($met) < count($fewest) ? $met : $fewest;
        }

        return $fewest;
    }

    /**
     * A way on which it touches nothing; null when there is none.
     *
     * @param  list<Standing>  $all  the piece itself may be among them
     */
    public static function free(Standing $piece, array $all, Space $space): ?Way
    {
        foreach (self::ways($piece, $all, $space) as [$way, $others]) {
            if (self::met($piece, $way, $others, $space, 1) === []) {
                return $way;
            }
        }

        return null;
    }

    /**
     * Every way past what is built in, with the others that stand as high as it is carried.
     *
     * @param  list<Standing>  $all
     * @return iterable<array{0: Way, 1: list<Standing>}>
     */
    private static function ways(Standing $piece, array $all, Space $space): iterable
    {
        foreach (self::heights($piece, $space) as $height) {
            $built = self::builtIn($piece, $height, $space);
            if ($built === null) {
                continue;
            }
            $others = self::reached($piece, $height, $all);
            foreach (self::exits($piece, $others, $space) as $exit) {
                if (! self::corridorMeets($piece, $exit, $built, $space)) {
                    yield [new Way($exit, $height), $others];
                }
            }
        }
    }

    /**
     * @param  list<Standing>  $others
     * @param  int|null  $most  no more than these are looked for
     * @return list<int> rows of those it would hit on that way
     */
    private static function met(Standing $piece, Way $way, array $others, Space $space, ?int $most = null): array
    {
        $rows = [];
        foreach ($others as $other) {
            if (self::corridorMeets($piece, $way->xMm, $other->patches, $space)) {
                $rows[] = $other->row;
                if (count($rows) === $most) {
                    break;
                }
            }
        }

        return $rows;
    }

    /** Whether that other thing closes that way out. */
    public static function closes(Standing $other, Standing $piece, Way $way, Space $space): bool
    {
        return self::reached($piece, $way->zMm, [$other]) !== [] && self::corridorMeets($piece, $way->xMm, $other->patches, $space);
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

    /**
     * Frames and shelves it must keep clear of if carried so high; null: it does not even rise so far.
     *
     * @return list<Rect>|null
     */
    private static function builtIn(Standing $piece, float $heightMm, Space $space): ?array
    {
        $top = $heightMm + $piece->piece->heightMm;
        $met = [];
        foreach ($space->ledges as $ledge) {
            if ($ledge->topMm() <= $piece->zMm || $ledge->bottomMm >= $top) {
                continue;
            }
            if ($piece->meetsAny([$ledge->patch])) {
                return null;
            }
            if ($ledge->topMm() + self::OVER_MM > $heightMm) {
                $met[] = $ledge->patch;
            }
        }

        return $met;
    }

    /**
     * Along to the exit, then forwards. Asked for every corner a search looks at: plain numbers, no patches made on the way.
     *
     * @param  list<Rect>  $patches
     */
    private static function corridorMeets(Standing $piece, float $exitMm, array $patches, Space $space): bool
    {
        $shift = $exitMm - $piece->xMm;
        $hair = Rect::HAIR_MM;
        foreach ($piece->patches as $own) {
            $left = $own->leftMm + $shift;
            $right = $own->rightMm + $shift;
            $alongLeft = min($own->leftMm, $left);
            $alongRight = max($own->rightMm, $right);
            foreach ($patches as $patch) {
                if ($patch->frontMm <= $own->backMm + $hair) {
                    continue;
                }
                $isAlong = $patch->backMm < $own->frontMm - $hair
                    && $patch->leftMm < $alongRight - $hair
                    && $patch->rightMm > $alongLeft + $hair;
                $isBefore = $patch->backMm < $space->depthMm - $hair
                    && $patch->leftMm < $right - $hair
                    && $patch->rightMm > $left + $hair;
                if ($isAlong || $isBefore) {
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
