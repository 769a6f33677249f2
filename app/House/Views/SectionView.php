<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Build\Mark;
use Velbrin\Core\Build\Section;
use Velbrin\Core\Build\Shape;
use Velbrin\Core\Measure\Units;

/** The drawing: mm, y downwards. */
final readonly class SectionView
{
    /**
     * @param  list<ShapeView>  $shapes
     * @param  list<MarkView>  $marks
     * @param  list<HandleView>  $handles
     */
    private function __construct(
        public float $minX,
        public float $width,
        public float $height,
        public array $shapes,
        public array $marks,
        public array $handles,
    ) {
    }

    public static function of(Section $section, Units $units): self
    {
        return new self(
            $section->minXMm,
            $section->widthMm,
            $section->heightMm,
            array_map(fn (Shape $s): ShapeView => ShapeView::of($s), $section->shapes),
            array_map(fn (Mark $m): MarkView => MarkView::of($m, $units), $section->marks),
            array_map(HandleView::of(...), $section->handles),
        );
    }
}
