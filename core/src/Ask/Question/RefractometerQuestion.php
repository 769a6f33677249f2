<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Seawater\Refractometer;

final class RefractometerQuestion implements Question
{
    public function line(): string
    {
        return 'Salinity from a hand refractometer, its scale and its calibration fluid (W-22)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('reading', 'on its scale, g/kg', 0, 50),
            Field::boolean('saltScale', 'made for sodium chloride solution'),
            Field::number('fluidRead', 'what it showed for its calibration fluid', 0, 50, default: 35),
            Field::number('fluidTrue', 'what that fluid is on the same scale', 0, 50, default: 35),
        );
    }

    public function output(): array
    {
        return [Field::number('salinity', 'g/kg')];
    }

    public function answer(Given $given): array
    {
        return [
            'salinity' => Refractometer::salinity(
                $given->number('reading'),
                $given->boolean('saltScale'),
                $given->number('fluidRead'),
                $given->number('fluidTrue'),
            ),
        ];
    }
}
