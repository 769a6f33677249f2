<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Heat\MeasuredLoss;

final class CoolingCurveQuestion implements Question
{
    public function line(): string
    {
        return 'Heat loss of a system from a cooling curve, heaters off (B-76)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('volumeL', 'of all the water', above: 0),
            Field::number('hours', 'between the readings', 2),
            Field::number('fromC', 'at first', 0, 45),
            Field::number('toC', 'at last', 0, 45),
            Field::number('roomC', '°C'),
            Field::number('otherW', 'other heat in the water meanwhile', 0, default: 0),
            Field::number('evaporationLd', 'topped up a day', 0, default: 0),
        );
    }

    public function output(): array
    {
        return [Field::number('uaWK', 'W/K'), Field::number('uncertainWK', '±, for what two thermometers cannot tell')];
    }

    public function answer(Given $given): array
    {
        $loss = MeasuredLoss::fromCooling(
            $given->number('volumeL'),
            $given->number('hours'),
            $given->number('fromC'),
            $given->number('toC'),
            $given->number('roomC'),
            $given->number('otherW'),
            $given->number('evaporationLd'),
        );

        return ['uaWK' => $loss->uaWK, 'uncertainWK' => $loss->uncertainWK];
    }
}
