<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Hydraulics\GrainMotion;

final class GrainMotionQuestion implements Question
{
    public function line(): string
    {
        return 'The water that begins to move sand, 50 mm above it (B-31)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('grainMm', 'middle size', 0.05, 10),
            Field::number('grainKgM3', 'of one grain', above: 1025, default: GrainMotion::GRAIN_KG_M3),
        );
    }

    public function output(): array
    {
        return [Field::number('speedMs', 'm/s'), Field::number('thresholdPa', 'stress on the bed, N/m²')];
    }

    public function answer(Given $given): array
    {
        [$grain, $density] = [$given->number('grainMm'), $given->number('grainKgM3')];

        return [
            'speedMs' => GrainMotion::speedMs($grain, $density),
            'thresholdPa' => GrainMotion::thresholdPa($grain, $density),
        ];
    }
}
