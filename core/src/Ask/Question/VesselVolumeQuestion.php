<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Vessel\BowFront;
use Velbrin\Core\Vessel\Cylinder;
use Velbrin\Core\Vessel\Filled;
use Velbrin\Core\Vessel\HalfCylinder;
use Velbrin\Core\Vessel\LShape;
use Velbrin\Core\Vessel\QuarterCylinder;
use Velbrin\Core\Vessel\Rectangular;
use Velbrin\Core\Vessel\Vessel;
use Velbrin\Core\Vessel\VesselVolume;

final class VesselVolumeQuestion implements Question
{
    public function line(): string
    {
        return 'Gross and net litres of a vessel, its sand and its inside area (W-1 … W-4)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('heightMm', 'outer height, mm', above: 0),
            Field::number('wallMm', 'mm', 0, default: 0),
            Field::number('floorMm', 'mm', 0, default: 0),
            Field::number('waterGapMm', 'rim down to the water line, mm', 0, default: 0),
            Field::number('rockKg', 'kg', 0, default: 0),
            Field::number('sandDepthMm', 'mm', 0, default: 0),
        )->depending('shape', 'outline of the vessel', [
            'rectangular' => [
                Field::number('lengthMm', 'outer, mm', above: 0),
                Field::number('widthMm', 'outer, mm', above: 0),
            ],
            'cylinder' => [Field::number('diameterMm', 'outer, mm', above: 0)],
            'half-cylinder' => [Field::number('diameterMm', 'outer, mm', above: 0)],
            'quarter-cylinder' => [Field::number('widthMm', 'outer radius, mm', above: 0)],
            'bow-front' => [
                Field::number('lengthMm', 'outer, mm', above: 0),
                Field::number('widthMm', 'of the straight sides, outer, mm', above: 0),
                Field::number('bowMm', 'the middle of the front stands forward, mm', above: 0),
            ],
            'l-shape' => [
                Field::number('lengthMm', 'along the back, outer, mm', above: 0),
                Field::number('widthMm', 'of the part along the back, outer, mm', above: 0),
                Field::number('legLengthMm', 'of the leg along the back, outer, mm', above: 0),
                Field::number('legWidthMm', 'the leg comes forward of the rest, mm', above: 0),
            ],
            'filled' => [
                Field::number('filledL', 'litres to the rim, L', above: 0),
                Field::number('lengthMm', 'of the box round it, mm', above: 0),
                Field::number('widthMm', 'of the box round it, mm', above: 0),
            ],
        ]);
    }

    public function output(): array
    {
        return [
            Field::number('grossL', 'inside volume to the water line, L'),
            Field::number('netL', 'less rock and sand grains, L'),
            Field::number('sandKg', 'kg'),
            Field::number('footprintM2', 'inside area, m²'),
        ];
    }

    public function answer(Given $given): array
    {
        $footprint = match ($given->text('shape')) {
            'cylinder' => Cylinder::outer($given->number('diameterMm')),
            'half-cylinder' => HalfCylinder::outer($given->number('diameterMm')),
            'quarter-cylinder' => QuarterCylinder::outer($given->number('widthMm')),
            'bow-front' => BowFront::outer(
                $given->number('lengthMm'),
                $given->number('widthMm'),
                $given->number('bowMm'),
            ),
            'l-shape' => LShape::outer(
                $given->number('lengthMm'),
                $given->number('widthMm'),
                $given->number('legLengthMm'),
                $given->number('legWidthMm'),
            ),
            'filled' => Filled::of(
                $given->number('filledL'),
                $given->number('heightMm') - $given->number('floorMm'),
                $given->number('lengthMm'),
                $given->number('widthMm'),
                $given->number('wallMm'),
            ),
            default => Rectangular::outer($given->number('lengthMm'), $given->number('widthMm')),
        };
        $vessel = Vessel::of(
            $footprint,
            $given->number('heightMm'),
            $given->number('wallMm'),
            $given->number('floorMm'),
        );
        $volume = VesselVolume::of(
            $vessel,
            $given->number('waterGapMm'),
            $given->number('rockKg'),
            $given->number('sandDepthMm'),
        );

        return [
            'grossL' => $volume->grossL,
            'netL' => $volume->netL,
            'sandKg' => $volume->sandKg,
            'footprintM2' => $volume->footprintM2,
        ];
    }
}
