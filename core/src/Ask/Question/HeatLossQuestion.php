<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Heat\MeasuredLoss;

final class HeatLossQuestion implements Question
{
    public function line(): string
    {
        return 'Heat loss of a system from a steady day, evaporation apart (B-76)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('hours', 'steady for', MeasuredLoss::LEAST_HOURS),
            Field::number('heaterW', 'W', 0),
            Field::number('dutyPct', 'of the time', 0, 100),
            Field::number('otherW', 'other heat in the water', 0, default: 0),
            Field::number('evaporationLd', 'topped up a day', 0, default: 0),
            Field::number('tempC', 'water', 0, 45),
            Field::number('roomC', '°C'),
        );
    }

    public function output(): array
    {
        return [Field::number('uaWK', 'W/K'), Field::number('uncertainWK', '±, for what two thermometers cannot tell')];
    }

    public function answer(Given $given): array
    {
        $loss = MeasuredLoss::of(
            $given->number('hours'),
            $given->number('heaterW'),
            $given->number('dutyPct'),
            $given->number('otherW'),
            $given->number('evaporationLd'),
            $given->number('tempC'),
            $given->number('roomC'),
        );

        return ['uaWK' => $loss->uaWK, 'uncertainWK' => $loss->uncertainWK];
    }
}
