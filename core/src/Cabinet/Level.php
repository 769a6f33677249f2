<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

/** What a piece may be put on: the floor, a shelf, or the bottom of a part of the sump. */
final readonly class Level
{
    public function __construct(public Rect $patch, public float $zMm)
    {
    }

    /**
     * Floor first, then the shelves from below; a piece with a shelf of its own stands on that one or nowhere.
     *
     * @return list<self>
     */
    public static function of(Piece $piece, Space $space): array
    {
        $levels = $piece->shelf === null ? [new self($space->floor(), 0.0)] : [];
        $shelves = $piece->isSump ? [] : $space->shelves();
        usort($shelves, fn (Ledge $a, Ledge $b): int => $a->topMm() <=> $b->topMm());
        foreach ($shelves as $shelf) {
            if ($piece->shelf === null || $piece->shelf === $shelf->listed) {
                $levels[] = new self($shelf->patch, $shelf->topMm());
            }
        }

        return $levels;
    }

    /** @return list<self> the parts of a sump that stands there */
    public static function inside(Standing $sump, Inside $inside): array
    {
        return array_map(
            fn (Rect $r): self => new self($sump->placed($r), $sump->zMm + $inside->floorMm),
            $inside->patches,
        );
    }

    /**
     * Corners made by its edges, the opening's jambs, what stands there and what is built in: against the back first, then from the left.
     *
     * @param  list<Standing>  $standing
     * @return iterable<Standing> those that touch nothing
     */
    public function places(int $row, Piece $piece, array $standing, Space $space, int &$tries): iterable
    {
        if ($this->zMm + $piece->standingMm() > $space->heightMm) {
            return;
        }
        $turns = abs($piece->widthMm - $piece->depthMm) < Rect::HAIR_MM ? [false] : [false, true];
        $rows = $columns = [];
        foreach ($turns as $turned) {
            [$along, $deep] = $turned ? [$piece->depthMm, $piece->widthMm] : [$piece->widthMm, $piece->depthMm];
            [$xs, $ys] = $this->corners($along, $deep, $standing, $space);
            $columns[(int) $turned] = self::within($xs, $this->patch->leftMm, $this->patch->rightMm - $along);
            foreach (self::within($ys, $this->patch->backMm, $this->patch->frontMm - $deep) as $y) {
                $rows[] = [$y, (int) $turned, $along, $deep];
            }
        }
        sort($rows);
        // What it may meet at that height at all; where, is asked place by place.
        $high = new Standing($row, $piece, 0.0, 0.0, false, $this->zMm);
        $met = [];
        foreach ($standing as $other) {
            if ($high->isLevelWith($other)) {
                array_push($met, ...$other->patches);
            }
        }
        foreach ($space->ledges as $ledge) {
            if ($high->isLevelWithLedge($ledge)) {
                $met[] = $ledge->patch;
            }
        }
        foreach ($rows as [$y, $turned, $along, $deep]) {
            // Only what lies beside this strip can be in the way along it.
            $beside = [];
            foreach ($met as $patch) {
                if ($patch->backMm < $y + $deep - Rect::HAIR_MM && $patch->frontMm > $y + Rect::HAIR_MM) {
                    $beside[] = $patch;
                }
            }
            foreach ($columns[$turned] ?? [] as $x) {
                if ($tries-- <= 0) {
                    return;
                }
                $place = self::at($x, $along, $beside, $piece->cut !== null)
                    ? new Standing($row, $piece, $x, $y, $turned === 1, $this->zMm)
                    : null;
                if ($place !== null && ($piece->cut === null || ! $place->meetsAny($beside))) {
                    yield $place;
                }
            }
        }
    }

    /**
     * Whether its box lies free between them, or is only a box round an L.
     *
     * @param  list<Rect>  $beside
     */
    private static function at(float $x, float $along, array $beside, bool $isCut): bool
    {
        if ($isCut) {
            return true;
        }
        foreach ($beside as $patch) {
            if ($patch->leftMm < $x + $along - Rect::HAIR_MM && $patch->rightMm > $x + Rect::HAIR_MM) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<Standing>  $standing
     * @return array{0: non-empty-list<float>, 1: non-empty-list<float>}
     */
    private function corners(float $along, float $deep, array $standing, Space $space): array
    {
        $xs = [
            $this->patch->leftMm,
            $this->patch->rightMm - $along,
            $space->doorFromLeftMm,
            $space->doorFromLeftMm + $space->doorWidthMm - $along,
        ];
        $ys = [$this->patch->backMm, $this->patch->frontMm - $deep];
        foreach ($standing as $other) {
            foreach ($other->patches as $patch) {
                array_push($xs, $patch->rightMm, $patch->leftMm - $along);
                array_push($ys, $patch->frontMm, $patch->backMm - $deep);
            }
        }
        foreach ($space->ledges as $ledge) {
            array_push($xs, $ledge->patch->rightMm, $ledge->patch->leftMm - $along);
            array_push($ys, $ledge->patch->frontMm, $ledge->patch->backMm - $deep);
        }

        return [$xs, $ys];
    }

    /**
     * @param  non-empty-list<float>  $at
     * @return list<float> each once, rising
     */
    private static function within(array $at, float $least, float $most): array
    {
        sort($at);
        $within = [];
        $last = null;
        foreach ($at as $mm) {
            if ($mm >= $least && $mm <= $most + Rect::HAIR_MM && $mm !== $last) {
                $within[] = $last = $mm;
            }
        }

        return $within;
    }
}
