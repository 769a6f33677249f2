<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Build\Mark;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Units;

/** A sounding in the reader's units. */
final readonly class MarkView
{
    /** @param  list<string>  $lines */
    private function __construct(
        public float $x,
        public float $y,
        public string $side,
        public string $role,
        public array $lines,
        public string $about,
        public float $roomWidth,
        public float $roomHeight,
    ) {
    }

    public static function of(Mark $mark, Units $units): self
    {
        return new self(
            x: round($mark->x, 2),
            y: round($mark->y, 2),
            side: $mark->side,
            role: $mark->role,
            lines: array_map(fn (Sentence $s): string => $s->in($units), $mark->lines),
            about: $mark->about,
            roomWidth: $mark->roomWidthMm,
            roomHeight: $mark->roomHeightMm,
        );
    }
}
