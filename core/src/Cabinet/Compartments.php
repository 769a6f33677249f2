<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

/** A cabinet of several compartments: each packed by itself, and what finds no place in one tries the next (B-62). */
final readonly class Compartments
{
    /**
     * @param  non-empty-list<Packing>  $each  the one with the sump first
     * @param  non-empty-list<string>  $names
     * @param  array<int, Elsewhere>  $elsewhere  why, by row; what stands in none of them
     */
    private function __construct(public array $each, public array $names, public array $elsewhere)
    {
    }

    /**
     * @param  non-empty-list<array{0: string, 1: Space}>  $spaces  name and inside
     * @param  array<int, Piece>  $pieces  by row; one with a compartment of its own stands there or nowhere
     * @param  array<int, Standing>  $pinned  by row, in the piece’s own compartment, the first where it has none
     */
    public static function of(array $spaces, array $pieces, array $pinned = []): self
    {
        $each = $names = $elsewhere = [];
        $left = $pieces;
        foreach ($spaces as $i => [$name, $space]) {
            $tried = array_filter($left, fn (Piece $p): bool => ($p->compartment ?? $i + 1) === $i + 1);
            $here = array_filter($pinned, fn (Standing $s): bool => ($s->piece->compartment ?? 1) === $i + 1);
            $packing = Packing::of($space, $tried, array_intersect_key($here, $tried));
            foreach ($packing->standing as $standing) {
                unset($left[$standing->row], $elsewhere[$standing->row]);
            }
            // The first compartment’s reason is the one to act on.
            $elsewhere += $packing->elsewhere;
            $each[] = $packing;
            $names[] = $name;
        }
        foreach ($left as $row => $piece) {
            $elsewhere[$row] ??= Elsewhere::Compartment;
        }
        ksort($elsewhere);

        return new self($each, $names, $elsewhere);
    }

    /** Everything stands, and each piece comes out alone. */
    public function isClean(): bool
    {
        return $this->elsewhere === [] && array_filter($this->each, fn (Packing $p): bool => ! $p->isSound()) === [];
    }

    public function count(): int
    {
        return array_sum(array_map(fn (Packing $p): int => count($p->standing), $this->each));
    }

    /** Which compartment it stands in, from 1; null when in none. */
    public function where(int $row): ?int
    {
        foreach ($this->each as $i => $packing) {
            foreach ($packing->standing as $standing) {
                if ($standing->row === $row) {
                    return $i + 1;
                }
            }
        }

        return null;
    }
}
