<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Power\Battery;

final class BatteryHoursQuestion implements Question
{
    public function line(): string
    {
        return 'How long a battery carries a load (R-23)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('capacityWh', 'Wh', 0),
            Field::number('loadW', 'W', 0),
            Field::number(
                'efficiency',
                '0.9 direct DC, 0.85 inverter with its idle watts apart, 0.5–0.7 overall',
                most: 1,
                above: 0,
            ),
            Field::number('idleW', 'W the device itself draws', 0, default: 0),
            Field::number('usableShare', '0.5 of a car battery', most: 1, above: 0, default: 1),
        );
    }

    public function output(): array
    {
        return [Field::number('hours', 'h')];
    }

    public function answer(Given $given): array
    {
        return [
            'hours' => Battery::hours(
                $given->number('capacityWh'),
                $given->number('loadW'),
                $given->number('efficiency'),
                $given->number('idleW'),
                $given->number('usableShare'),
            ),
        ];
    }
}
