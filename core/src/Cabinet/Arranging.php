<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

/** The search for places: corners, back first, giving up a branch as soon as something standing in it is shut in. */
final class Arranging
{
    /** Corners looked at before the search gives up, shared by the orders of placing: a plan is answered while it is typed. */
    public const TRIES = 3500;

    /** For one thing that is left over. */
    private const LAST_TRIES = 200;

    private function __construct(private readonly Space $space, private int $tries)
    {
    }

    /**
     * What stands already, and as much of the rest as finds a place: first all of it, then as much as there is room for, every way out
     * free as long as that can be asked at all. What is left over is put where it still goes.
     *
     * @param  array<int, Piece>  $pieces  by row
     * @param  list<Standing>  $fixed
     * @return list<Standing>
     */
    public static function around(Space $space, array $pieces, array $fixed, int $tries): array
    {
        $best = $fixed;
        $ways = self::waysOf($fixed, $space);
        $orders = self::orders($pieces);
        $most = self::most($space, $pieces, $fixed);
        foreach ([true, false] as $whole) {
            // More than there is room for is not looked for.
            $isHopeless = $whole && $most < count($pieces);
            foreach ($isHopeless ? [] : $orders as $order) {
                $search = new self($space, intdiv($whole ? $tries : intdiv($tries, 2), count($orders)));
                $found = $search->fill($order, $fixed, $ways ?? [], $ways !== null, $whole);
                if (count($found) > count($best)) {
                    $best = $found;
                }
                if (count($best) >= $most + count($fixed)) {
                    return $best;
                }
            }
        }

        return self::extended($space, $best, $pieces);
    }

    /**
     * What a search that ran out of tries left out, put where it still goes: where everything comes out alone, else where it stands.
     *
     * @param  list<Standing>  $standing
     * @param  array<int, Piece>  $pieces
     * @return list<Standing>
     */
    private static function extended(Space $space, array $standing, array $pieces): array
    {
        foreach ($standing as $placed) {
            unset($pieces[$placed->row]);
        }
        foreach ($pieces as $row => $piece) {
            $search = new self($space, self::LAST_TRIES);
            $ways = self::waysOf($standing, $space);
            $one = $ways === null ? $standing : $search->fill([$row => $piece], $standing, $ways, true, true);
            $standing = count($one) > count($standing)
                ? $one
                : (new self($space, self::LAST_TRIES))->fill([$row => $piece], $standing, [], false, true);
        }

        return $standing;
    }

    /**
     * Where each of them leaves freely; null when one does not. What cannot be lifted over the rim of its sump is not waited for.
     *
     * @param  list<Standing>  $standing
     * @return array<int, Way>|null  by place in the list
     */
    private static function waysOf(array $standing, Space $space): ?array
    {
        $ways = [];
        foreach ($standing as $i => $piece) {
            $way = WayOut::free($piece, $standing, $space);
            if ($way !== null) {
                $ways[$i] = $way;
            } elseif ($piece->piece->inSump === null) {
                return null;
            }
        }

        return $ways;
    }

    /**
     * So many of them at most find room beside what stands: the smallest first, by area alone.
     *
     * @param  array<int, Piece>  $pieces
     * @param  list<Standing>  $fixed
     */
    private static function most(Space $space, array $pieces, array $fixed): int
    {
        $left = $space->lengthMm * $space->depthMm + 1.0;
        foreach ($space->shelves() as $shelf) {
            $left += $shelf->patch->alongMm() * $shelf->patch->deepMm();
        }
        if (Packing::overlapping($fixed) === []) {
            foreach ($fixed as $standing) {
                $left -= $standing->piece->inSump === null ? self::within($standing, $space) : 0.0;
            }
        }
        $areas = array_map(fn (Piece $p): float => $p->areaMm2(), $pieces);
        sort($areas);
        foreach ($areas as $count => $area) {
            $left -= $area;
            if ($left < 0) {
                return $count;
            }
        }

        return count($areas);
    }

    /** How much of the floor it takes, mm². */
    private static function within(Standing $standing, Space $space): float
    {
        $area = 0.0;
        foreach ($standing->patches as $patch) {
            $area +=
                max(0.0, min($patch->rightMm, $space->lengthMm) - max(0.0, $patch->leftMm)) *
                max(0.0, min($patch->frontMm, $space->depthMm) - max(0.0, $patch->backMm));
        }

        return $area;
    }

    /**
     * Large first, then tall first, then turns of those: what one order walls in, another leaves free.
     *
     * @param  array<int, Piece>  $pieces
     * @return list<array<int, Piece>>
     */
    private static function orders(array $pieces): array
    {
        $orders = [];
        foreach (
            [
                fn (Piece $p): float => $p->areaMm2(),
                fn (Piece $p): float => $p->heightMm,
                fn (Piece $p): float => max($p->widthMm, $p->depthMm),
                fn (Piece $p): float => $p->areaMm2() * $p->heightMm,
                fn (Piece $p): float => min($p->widthMm, $p->depthMm),
            ] as $key
        ) {
            $order = $pieces;
            uasort($order, fn (Piece $a, Piece $b): int => $key($b) <=> $key($a));
            $orders[implode(',', array_keys($order))] = $order;
        }

        return array_values($orders);
    }

    /**
     * @param  array<int, Piece>  $left  in the order they are placed
     * @param  list<Standing>  $standing
     * @param  array<int, Way>  $ways  where each of them leaves freely; kept only while that is asked
     * @return list<Standing> the fullest found
     */
    private function fill(array $left, array $standing, array $ways, bool $free, bool $whole): array
    {
        $best = $standing;
        if ($left === [] || $this->tries <= 0) {
            return $best;
        }
        $row = array_key_first($left);
        $piece = $left[$row];
        unset($left[$row]);
        foreach (Level::of($piece, $this->space) as $level) {
            foreach ($level->places($row, $piece, $standing, $this->space, $this->tries) as $place) {
                $open = $free ? $this->stillFree($place, $standing, $ways) : [];
                if ($open === null) {
                    continue;
                }
                $found = $this->fill($left, [...$standing, $place], $open, $free, $whole);
                if (count($found) > count($best)) {
                    $best = $found;
                }
                if (count($best) === count($standing) + count($left) + 1 || $this->tries <= 0) {
                    return $best;
                }
            }
        }
        // What finds no place is left out, and the rest still tries.
        $without = $whole ? [] : $this->fill($left, $standing, $ways, $free, false);

        return count($without) > count($best) ? $without : $best;
    }

    /**
     * Where everything still leaves freely once that thing stands too; null when something does not. Only ways it closes are sought anew.
     *
     * @param  list<Standing>  $standing
     * @param  array<int, Way>  $ways
     * @return array<int, Way>|null
     */
    private function stillFree(Standing $place, array $standing, array $ways): ?array
    {
        $all = [...$standing, $place];
        $own = WayOut::free($place, $all, $this->space);
        if ($own === null) {
            return null;
        }
        foreach ($ways as $i => $way) {
            if (WayOut::closes($place, $standing[$i], $way, $this->space)) {
                $other = WayOut::free($standing[$i], $all, $this->space);
                if ($other === null) {
                    return null;
                }
                $ways[$i] = $other;
            }
        }

        return $ways + [count($standing) => $own];
    }
}
