<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Seawater\Hydrometer;

final class HydrometerQuestion implements Question
{
    public function line(): string
    {
        return 'Salinity from a hydrometer, corrected for temperature (W-22)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('reading', 'specific gravity as read', 0.99, 1.04),
            Field::number('tempC', 'water, °C', 0, 40),
            Field::number('referenceC', 'the scale was made for, °C', 0, 40, default: 25),
        );
    }

    public function output(): array
    {
        return [Field::number('salinity', 'g/kg')];
    }

    public function answer(Given $given): array
    {
        return [
            'salinity' => Hydrometer::salinity(
                $given->number('reading'),
                $given->number('tempC'),
                $given->number('referenceC'),
            ),
        ];
    }
}
