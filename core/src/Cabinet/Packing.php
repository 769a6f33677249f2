<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

/** A proposal where each piece stands in a cabinet so that each comes out without moving another; the sump first (B-62, B-98). */
final readonly class Packing
{
    /** Where more than these are left over, another place of the sump does not mend it. */
    private const FAR = 3;

    /**
     * @param  list<Standing>  $standing
     * @param  array<int, Elsewhere>  $elsewhere  why, by row
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
        $elsewhere = $stays = $devices = [];
        $sump = null;
        foreach (array_diff_key($pieces, $pinned) as $row => $piece) {
            $why = Elsewhere::inEmpty($piece, $space);
            match (true) {
                $why !== null => $elsewhere[$row] = $why,
                $piece->isSump => $sump = $row,
                $piece->inSump !== null => $devices[$row] = $piece,
                default => $stays[$row] = $piece,
            };
        }
        $fixed = array_values($pinned);
        $first = $sump === null ? [] : InTheSump::places($sump, $pieces[$sump], $devices, $fixed, $space);
        $best = self::best($space, $stays, $fixed, $first);
        $placed = array_map(fn (Standing $s): int => $s->row, $best->standing);
        foreach (array_diff(array_keys($pieces), $placed, array_keys($elsewhere)) as $row) {
            $elsewhere[$row] = self::whyNot($pieces[$row], in_array($sump, $placed, true), $space);
        }
        ksort($elsewhere);

        return new self($space, $best->standing, $elsewhere, $best->after, $best->shutIn);
    }

    /**
     * Places somebody chose: the same judgement, without a search.
     *
     * @param  list<Standing>  $standing
     */
    public static function judged(Space $space, array $standing): self
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

        return new self($space, $standing, [], $after, $shutIn);
    }

    /** Everything stands, and each piece comes out alone. */
    public function isClean(): bool
    {
        return $this->elsewhere === [] && $this->isSound();
    }

    /** What stands does not stand in another, in a wall or in what is built in, and each piece comes out alone. */
    public function isSound(): bool
    {
        return $this->after === [] && $this->shutIn === [] && $this->clashes() === [] && $this->builtInto() === [];
    }

    /** @return list<array{0: int, 1: int}> pairs of rows that stand in each other */
    public function clashes(): array
    {
        return self::overlapping($this->standing);
    }

    /** @return list<int> rows whose place, chosen by hand, is through a wall, a frame or a shelf */
    public function builtInto(): array
    {
        $rows = [];
        foreach ($this->standing as $piece) {
            $isWithin = $this->space->floor()->holds(new Rect($piece->xMm, $piece->yMm, $piece->rightMm, $piece->frontMm));
            $hits = array_filter($this->space->ledges, $piece->hits(...));
            if (! $isWithin || $hits !== [] || $piece->topMm() > $this->space->heightMm) {
                $rows[] = $piece->row;
            }
        }

        return $rows;
    }

    /** @return list<int> the rows that stand on that shelf */
    public function on(Ledge $shelf): array
    {
        $rows = [];
        foreach ($this->standing as $piece) {
            if (abs($piece->zMm - $shelf->topMm()) < Rect::HAIR_MM && $piece->meetsAny([$shelf->patch])) {
                $rows[] = $piece->row;
            }
        }

        return $rows;
    }

    /**
     * @param  list<Standing>  $standing
     * @return list<array{0: int, 1: int}>
     */
    public static function overlapping(array $standing): array
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
     * @param  array<int, Piece>  $stays
     * @param  list<Standing>  $fixed
     * @param  list<list<Standing>>  $first  the sump with its devices, the best place first
     */
    private static function best(Space $space, array $stays, array $fixed, array $first): self
    {
        $best = null;
        $starts = $first === [] ? [[]] : $first;
        foreach ($starts as $start) {
            // What is built in makes each corner dearer to judge.
            $tries = intdiv(2 * Arranging::TRIES, count($starts) * (2 + count($space->ledges)));
            $found = self::judged($space, Arranging::around($space, $stays, [...$fixed, ...$start], $tries));
            if ($best === null || $found->rank() > $best->rank()) {
                $best = $found;
            }
            $left = count($fixed) + count($first[0] ?? []) + count($stays) - count($found->standing);
            if (($left === 0 && $found->isSound()) || $left > self::FAR) {
                break;
            }
        }

        return $best;
    }

    /** @return array{0: int, 1: bool} */
    private function rank(): array
    {
        return [count($this->standing), $this->isSound()];
    }

    /** What an empty cabinet would take, and this one does not. */
    private static function whyNot(Piece $piece, bool $hasSump, Space $space): Elsewhere
    {
        if ($piece->inSump !== null) {
            return $hasSump ? Elsewhere::Sump : Elsewhere::NoSump;
        }
        if ($piece->shelf !== null) {
            return Elsewhere::Shelf;
        }
        foreach (Level::of($piece, $space) as $level) {
            $tries = Arranging::TRIES;
            foreach ($level->places(0, $piece, [], $space, $tries) as $place) {
                return Elsewhere::NoFloorLeft;
            }
        }

        return Elsewhere::BuiltIn;
    }
}
