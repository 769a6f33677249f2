<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Cabinet\Packing;
use Velbrin\Core\Cabinet\Standing;

/** A cabinet from the front and from above, mm. */
final readonly class PackingView
{
    /** @param  list<array{row: int, gear: int|null, name: string, xMm: float, yMm: float, alongMm: float, deepMm: float, highMm: float, liftMm: float, turned: bool, held: bool}>  $standing */
    private function __construct(
        public float $lengthMm,
        public float $depthMm,
        public float $heightMm,
        public float $doorFromLeftMm,
        public float $doorWidthMm,
        public float $doorHeightMm,
        public array $standing,
        public int $elsewhere,
        public bool $clean,
    ) {
    }

    public static function of(Packing $packing): self
    {
        $space = $packing->space;

        return new self(
            $space->lengthMm, $space->depthMm, $space->heightMm, $space->doorFromLeftMm, $space->doorWidthMm, $space->doorHeightMm,
            array_map(fn (Standing $s): array => ['row' => $s->row, 'gear' => $s->piece->listed, 'name' => $s->piece->name, 'xMm' => $s->xMm, 'yMm' => $s->yMm, 'alongMm' => $s->alongMm(), 'deepMm' => $s->deepMm(), 'highMm' => $s->piece->heightMm, 'liftMm' => $s->piece->liftMm, 'turned' => $s->turned, 'held' => isset($packing->after[$s->row]) || in_array($s->row, $packing->shutIn, true)], $packing->standing),
            count($packing->elsewhere), $packing->isClean(),
        );
    }
}
