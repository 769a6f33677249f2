<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Vessel\Cylinder;
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
            'rectangular' => [Field::number('lengthMm', 'outer, mm', above: 0), Field::number('widthMm', 'outer, mm', above: 0)],
            'cylinder' => [Field::number('diameterMm', 'outer, mm', above: 0)],
            'quarter-cylinder' => [Field::number('widthMm', 'outer radius, mm', above: 0)],
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
            'quarter-cylinder' => QuarterCylinder::outer($given->number('widthMm')),
            default => Rectangular::outer($given->number('lengthMm'), $given->number('widthMm')),
        };
        $vessel = Vessel::of($footprint, $given->number('heightMm'), $given->number('wallMm'), $given->number('floorMm'));
        $volume = VesselVolume::of($vessel, $given->number('waterGapMm'), $given->number('rockKg'), $given->number('sandDepthMm'));

        return ['grossL' => $volume->grossL, 'netL' => $volume->netL, 'sandKg' => $volume->sandKg, 'footprintM2' => $volume->footprintM2];
    }
}
