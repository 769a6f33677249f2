<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Cabinet\Compartments;
use Velbrin\Core\Cabinet\Ledge;
use Velbrin\Core\Cabinet\Packing;
use Velbrin\Core\Cabinet\Rect;
use Velbrin\Core\Cabinet\Standing;

/**
 * A cabinet from the front and from above, mm.
 *
 * @phpstan-type PatchOf array{xMm: float, yMm: float, alongMm: float, deepMm: float}
 */
final readonly class PackingView
{
    /**
     * @param  list<array{row: int, gear: int|null, name: string, xMm: float, yMm: float, zMm: float, alongMm: float, deepMm: float,
     *     highMm: float, liftMm: float, turned: bool, held: bool, inSump: bool, patches: list<PatchOf>}>  $standing
     * @param  list<array{name: string, shelf: bool, bottomMm: float, thickMm: float, patch: PatchOf}>  $ledges
     */
    private function __construct(
        public string $name,
        /** From 1, the one with the sump. */
        public int $number,
        public float $lengthMm,
        public float $depthMm,
        public float $heightMm,
        public float $doorFromLeftMm,
        public float $doorWidthMm,
        public float $doorHeightMm,
        public array $standing,
        public array $ledges,
        public bool $clean,
    ) {
    }

    /** @return list<self> */
    public static function all(?Compartments $cabinet): array
    {
        return $cabinet === null
            ? []
            : array_map(
                fn (Packing $p, string $name, int $i): self => self::of($p, $name, $i + 1),
                $cabinet->each,
                $cabinet->names,
                array_keys($cabinet->each),
            );
    }

    private static function of(Packing $packing, string $name, int $number): self
    {
        $space = $packing->space;

        return new self(
            name: $name,
            number: $number,
            lengthMm: $space->lengthMm,
            depthMm: $space->depthMm,
            heightMm: $space->heightMm,
            doorFromLeftMm: $space->doorFromLeftMm,
            doorWidthMm: $space->doorWidthMm,
            doorHeightMm: $space->doorHeightMm,
            standing: array_map(
                fn (Standing $s): array => [
                    'row' => $s->row,
                    'gear' => $s->piece->listed,
                    'name' => $s->piece->name,
                    'xMm' => $s->xMm,
                    'yMm' => $s->yMm,
                    'zMm' => $s->zMm,
                    'alongMm' => $s->alongMm(),
                    'deepMm' => $s->deepMm(),
                    'highMm' => $s->piece->heightMm,
                    'liftMm' => $s->piece->liftMm,
                    'turned' => $s->turned,
                    'held' => isset($packing->after[$s->row]) || in_array($s->row, $packing->shutIn, true),
                    'inSump' => $s->piece->inSump !== null,
                    'patches' => array_map(self::patch(...), $s->patches),
                ],
                $packing->standing,
            ),
            ledges: array_map(
                fn (Ledge $l): array => [
                    'name' => $l->name,
                    'shelf' => $l->isShelf,
                    'bottomMm' => $l->bottomMm,
                    'thickMm' => $l->thickMm,
                    'patch' => self::patch($l->patch),
                ],
                $space->ledges,
            ),
            clean: $packing->isSound(),
        );
    }

    /** @return PatchOf */
    private static function patch(Rect $patch): array
    {
        return [
            'xMm' => $patch->leftMm,
            'yMm' => $patch->backMm,
            'alongMm' => $patch->alongMm(),
            'deepMm' => $patch->deepMm(),
        ];
    }
}
