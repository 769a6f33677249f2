<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

/**
 * A proposal where each piece stands in a cabinet so that each comes out without moving another (B-62): a search over corner places,
 * back first, that gives up a branch as soon as something standing in it is shut in.
 */
final readonly class Packing
{
    /** Corners looked at before the search gives up, shared by the orders of placing: a plan is answered while it is typed. */
    private const TRIES = 5000;

    /**
     * @param  list<Standing>  $standing
     * @param  array<int, string>  $elsewhere  why, by row
     * @param  array<int, list<int>>  $after  rows that must move first, by row; empty lists left out
     * @param  list<int>  $shutIn  rows that stand here and never come out
     */
    private function __construct(
        public Space $space,
        public array $standing,
        public array $elsewhere,
        public array $after,
        public array $shutIn,
    ) {
    }

    /**
     * @param  array<int, Piece>  $pieces  by row
     * @param  array<int, Standing>  $pinned  places somebody chose, by row: the rest is proposed round them
     */
    public static function of(Space $space, array $pieces, array $pinned = []): self
    {
        $elsewhere = $stays = [];
        foreach (array_diff_key($pieces, $pinned) as $row => $piece) {
            $why = self::why($piece, $space);
            if ($why === null) {
                $stays[$row] = $piece;
            } else {
                $elsewhere[$row] = $why;
            }
        }
        $best = $fixed = array_values($pinned);
        $exits = self::exitsOf($fixed, $space);
        $orders = self::orders($stays);
        $most = self::most($space, $stays, $fixed);
        // First all of it with every way out free; then as much as goes free; last, as much as stands at all.
        foreach ([[true, true], [true, false], [false, false]] as [$free, $whole]) {
            // More than the floor holds is not looked for.
            $hopeless = ($free && $exits === null) || ($whole && $most < count($stays));
            foreach ($hopeless ? [] : $orders as $order) {
                $tries = intdiv($whole ? self::TRIES : intdiv(self::TRIES, 2), count($orders));
                $found = self::search($space, $order, $fixed, $free ? $exits ?? [] : [], $free, $whole, $tries);
                if (count($found) > count($best)) {
                    $best = $found;
                }
                if (count($best) >= $most + count($fixed)) {
                    break 2;
                }
            }
        }
        $placed = array_map(fn (Standing $s): int => $s->row, $best);
        foreach (array_keys($stays) as $row) {
            if (! in_array($row, $placed, true)) {
                $elsewhere[$row] = 'no floor left';
            }
        }
        ksort($elsewhere);

        return self::judged($space, $best, $elsewhere);
    }

    /**
     * Places somebody chose: the same judgement, without a search.
     *
     * @param  list<Standing>  $standing
     * @param  array<int, string>  $elsewhere
     */
    public static function judged(Space $space, array $standing, array $elsewhere = []): self
    {
        $after = $shutIn = [];
        foreach ($standing as $piece) {
            $way = WayOut::inTheWay($piece, $standing, $space);
            if ($way === null) {
                $shutIn[] = $piece->row;
            } elseif ($way !== []) {
                $after[$piece->row] = $way;
            }
        }

        return new self($space, $standing, $elsewhere, $after, $shutIn);
    }

    /** Everything stands, and each piece comes out alone. */
    public function isClean(): bool
    {
        return $this->elsewhere === [] && $this->isSound();
    }

    /** What stands does not stand in another, and each piece comes out alone. */
    public function isSound(): bool
    {
        return $this->after === [] && $this->shutIn === [] && $this->clashes() === [];
    }

    /** @return list<array{0: int, 1: int}> pairs of rows that stand in each other */
    public function clashes(): array
    {
        return self::overlapping($this->standing);
    }

    /**
     * @param  list<Standing>  $standing
     * @return list<array{0: int, 1: int}>
     */
    private static function overlapping(array $standing): array
    {
        $clashes = [];
        foreach ($standing as $i => $one) {
            foreach (array_slice($standing, $i + 1) as $other) {
                if ($one->touches($other)) {
                    $clashes[] = [$one->row, $other->row];
                }
            }
        }

        return $clashes;
    }

    /**
     * So many of them at most find floor beside what stands: the smallest first, by area alone.
     *
     * @param  array<int, Piece>  $pieces
     * @param  list<Standing>  $fixed
     */
    private static function most(Space $space, array $pieces, array $fixed): int
    {
        $left = $space->lengthMm * $space->depthMm + 1.0;
        if (self::overlapping($fixed) === []) {
            foreach ($fixed as $standing) {
                $left -=
                    max(0.0, min($standing->rightMm, $space->lengthMm) - max(0.0, $standing->xMm)) *
                    max(0.0, min($standing->frontMm, $space->depthMm) - max(0.0, $standing->yMm));
            }
        }
        $areas = array_map(fn (Piece $p): float => $p->widthMm * $p->depthMm, $pieces);
        sort($areas);
        foreach ($areas as $count => $area) {
            $left -= $area;
            if ($left < 0) {
                return $count;
            }
        }

        return count($areas);
    }

    /**
     * Where each of them leaves freely; null when one does not.
     *
     * @param  list<Standing>  $standing
     * @return list<float>|null
     */
    private static function exitsOf(array $standing, Space $space): ?array
    {
        $exits = [];
        foreach ($standing as $piece) {
            $exit = WayOut::freeExit($piece, $standing, $space);
            if ($exit === null) {
                return null;
            }
            $exits[] = $exit;
        }

        return $exits;
    }

    private static function why(Piece $piece, Space $space): ?string
    {
        $short = min($piece->widthMm, $piece->depthMm);
        $long = max($piece->widthMm, $piece->depthMm);

        return match (true) {
            $piece->needsAir => 'air',
            $piece->standingMm() > $space->heightMm => 'headroom',
            $short > min($space->lengthMm, $space->depthMm) || $long > max($space->lengthMm, $space->depthMm) => 'floor',
            $short > $space->doorWidthMm || $piece->heightMm > $space->doorHeightMm => 'door',
            default => null,
        };
    }

    /**
     * Large first, then tall first, then turns of those: what one order walls in, another leaves free.
     *
     * @param  array<int, Piece>  $pieces
     * @return list<array<int, Piece>>
     */
    private static function orders(array $pieces): array
    {
        $by = function (callable $key) use ($pieces): array {
            uasort($pieces, fn (Piece $a, Piece $b): int => $key($b) <=> $key($a));

            return $pieces;
        };
        $area = fn (Piece $p): float => $p->widthMm * $p->depthMm;

        $orders = [];
        foreach (
            [
                $area,
                fn (Piece $p): float => $p->heightMm,
                fn (Piece $p): float => max($p->widthMm, $p->depthMm),
                fn (Piece $p): float => $area($p) * $p->heightMm,
                fn (Piece $p): float => min($p->widthMm, $p->depthMm),
            ] as $key
        ) {
            $order = $by($key);
            $orders[implode(',', array_keys($order))] = $order;
        }

        return array_values($orders);
    }

    /**
     * @param  array<int, Piece>  $left  in the order they are placed
     * @param  list<Standing>  $standing
     * @param  list<float>  $exits  where each of them leaves freely; kept only while that is asked
     * @return list<Standing> the fullest found
     */
    private static function search(
        Space $space,
        array $left,
        array $standing,
        array $exits,
        bool $free,
        bool $whole,
        int &$tries,
    ): array {
        $best = $standing;
        if ($left === [] || $tries <= 0) {
            return $best;
        }
        $row = array_key_first($left);
        $piece = $left[$row];
        unset($left[$row]);
        foreach (self::places($space, $row, $piece, $standing, $tries) as $place) {
            $ways = $free ? self::exits($place, $standing, $exits, $space) : [];
            if ($ways === null) {
                continue;
            }
            $found = self::search($space, $left, [...$standing, $place], $ways, $free, $whole, $tries);
            if (count($found) > count($best)) {
                $best = $found;
            }
            if (count($best) === count($standing) + count($left) + 1 || $tries <= 0) {
                return $best;
            }
        }
        // What finds no place is left out, and the rest still tries.
        $without = $whole ? [] : self::search($space, $left, $standing, $exits, $free, false, $tries);

        return count($without) > count($best) ? $without : $best;
    }

    /**
     * Where everything still leaves freely once that thing stands too; null when something does not. Only ways it closes are sought anew.
     *
     * @param  list<Standing>  $standing
     * @param  list<float>  $exits
     * @return list<float>|null
     */
    private static function exits(Standing $place, array $standing, array $exits, Space $space): ?array
    {
        $all = [...$standing, $place];
        $own = WayOut::freeExit($place, $all, $space);
        if ($own === null) {
            return null;
        }
        foreach ($standing as $i => $piece) {
            if (WayOut::closes($place, $piece, $exits[$i], $space)) {
                $other = WayOut::freeExit($piece, $all, $space);
                if ($other === null) {
                    return null;
                }
                $exits[$i] = $other;
            }
        }

        return [...$exits, $own];
    }

    /**
     * Corners made by the walls, the opening's jambs and what stands: against the back first, then from the left.
     *
     * @param  list<Standing>  $standing
     * @return iterable<Standing>
     */
    private static function places(Space $space, int $row, Piece $piece, array $standing, int &$tries): iterable
    {
        $turns = abs($piece->widthMm - $piece->depthMm) < 1e-6 ? [false] : [false, true];
        $rows = $columns = [];
        foreach ($turns as $turned) {
            [$along, $deep] = $turned ? [$piece->depthMm, $piece->widthMm] : [$piece->widthMm, $piece->depthMm];
            $xs = [
                0.0,
                $space->lengthMm - $along,
                $space->doorFromLeftMm,
                $space->doorFromLeftMm + $space->doorWidthMm - $along,
            ];
            $ys = [0.0, $space->depthMm - $deep];
            foreach ($standing as $other) {
                array_push($xs, $other->rightMm, $other->xMm - $along);
                array_push($ys, $other->frontMm, $other->yMm - $deep);
            }
            $columns[] = self::within($xs, $space->lengthMm - $along);
            foreach (self::within($ys, $space->depthMm - $deep) as $y) {
                $rows[] = [$y, (int) $turned, $along, $deep];
            }
        }
        sort($rows);
        foreach ($rows as [$y, $turned, $along, $deep]) {
            // Only what stands beside this strip can be in the way along it.
            $beside = [];
            foreach ($standing as $other) {
                if ($other->yMm < $y + $deep - Standing::HAIR_MM && $other->frontMm > $y + Standing::HAIR_MM) {
                    $beside[] = $other;
                }
            }
            foreach ($columns[$turned] ?? [] as $x) {
                if ($tries-- <= 0) {
                    return;
                }
                foreach ($beside as $other) {
                    if ($other->xMm < $x + $along - Standing::HAIR_MM && $other->rightMm > $x + Standing::HAIR_MM) {
                        continue 2;
                    }
                }
                yield new Standing($row, $piece, $x, $y, $turned === 1);
            }
        }
    }

    /**
     * @param  non-empty-list<float>  $at
     * @return list<float> each once, rising
     */
    private static function within(array $at, float $most): array
    {
        sort($at);
        $within = [];
        $last = -1.0;
        foreach ($at as $mm) {
            if ($mm >= 0 && $mm <= $most + Standing::HAIR_MM && $mm !== $last) {
                $within[] = $last = $mm;
            }
        }

        return $within;
    }
}
