<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Seawater\Conductivity;

final class SalinityFromConductivityQuestion implements Question
{
    public function line(): string
    {
        return 'Practical salinity from raw conductivity (W-11)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('conductivityMsCm', 'raw, not compensated, mS/cm', above: 0),
            Field::number('tempC', '°C', -2, 35),
        );
    }

    public function output(): array
    {
        return [Field::number('salinity', 'practical, 2 to 42')];
    }

    public function answer(Given $given): array
    {
        return ['salinity' => Conductivity::salinity($given->number('conductivityMsCm'), $given->number('tempC'))];
    }
}
