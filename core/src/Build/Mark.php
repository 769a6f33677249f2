<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Sentence;

/** A sounding on a drawing: words and numbers at the place they belong to. */
final readonly class Mark
{
    /** @param  non-empty-list<Sentence>  $lines */
    public function __construct(
        public float $x,
        public float $y,
        /** in: written at the place; left, right: written in that margin with a leader to the place */
        public string $side,
        /** figure, label, warn */
        public string $role,
        public array $lines,
        /** What it concerns, as in findings. */
        public string $about,
        /** Room for the words where they stand, mm; 0 where there is plenty. */
        public float $roomWidthMm = 0,
        public float $roomHeightMm = 0,
    ) {
    }
}
