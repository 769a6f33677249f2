<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Moves\Gang;

/** What is carried, and by how many of those who come, with an aid and without (M-26). */
final readonly class CarryList
{
    /**
     * @param  float|null  $kg  null: nobody has weighed it
     * @param  int|null  $persons  without an aid; null: none of up to three, or not known
     * @param  int|null  $withAid  with a trolley; null: stairs, or not known
     */
    private function __construct(public string $label, public ?float $kg, public ?int $persons, public ?int $withAid)
    {
    }

    /** @return list<self> the heaviest first, what nobody has weighed before all */
    public static function of(MoveBrief $brief): array
    {
        $limits = array_map(fn (Mover $m): float => $m->limitKg, $brief->people);
        $stairs = $brief->way->hasStairs();
        $line = fn (string $label, ?float $kg): self => new self(
            $label,
            $kg,
            $kg === null || $limits === [] ? null : Gang::of($kg, $stairs, $limits),
            $kg === null ? null : Gang::withAid($kg, $stairs),
        );
        $list = [
            ...array_map(fn (Piece $p): self => $line($p->label, $p->kg), $brief->pieces),
            ...array_map(fn (Box $b): self => $line($b->label, $b->kg()), $brief->boxes),
        ];
        usort($list, fn (self $a, self $b): int => ($b->kg ?? INF) <=> ($a->kg ?? INF));

        return $list;
    }
}
