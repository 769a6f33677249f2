<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Build\Section;
use Velbrin\Core\Hydraulics\PowerCutFrame;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** One moment of a power cut: where the surfaces stand on the drawing, and the litres as a row of the table. */
final readonly class FrameView
{
    /** @param  array<string, float>  $surfaces y by water */
    private function __construct(
        public float $second,
        public string $phase,
        public array $surfaces,
        public float $floorL,
        public string $display,
        public string $sump,
        public string $pipes,
        public string $floor,
        public string $total,
        public string $level,
    ) {
    }

    /**
     * @param  list<PowerCutFrame>  $frames
     * @return list<self>
     */
    public static function all(array $frames, Section $section, Units $units): array
    {
        $litres = fn (float $l): string => $units->number(Quantity::of(round($l, 1), Kind::Volume));

        return array_map(
            fn (PowerCutFrame $f): self => new self(
                second: $f->second,
                phase: $f->phase,
                surfaces: $section->surfaces($f),
                floorL: $f->floorL,
                display: $litres($f->displayL),
                sump: $litres($f->sumpL),
                pipes: $litres($f->pipesL),
                floor: $litres($f->floorL),
                total: $litres($f->totalL()),
                level: $units->show(Quantity::of($f->displayMm, Kind::Length)),
            ),
            $frames,
        );
    }
}
