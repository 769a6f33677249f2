<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Moves\Acclimation;

final class AcclimationQuestion implements Question
{
    public function line(): string
    {
        return 'Minutes from one water to another, and when straight in harms less (L-20, M-24)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('fromC', '°C', 0, 45),
            Field::number('toC', '°C', 0, 45),
            Field::number('fromSalinity', 'g/kg', 0, 50),
            Field::number('toSalinity', 'g/kg', 0, 50),
            Field::number('fromPh', 'probe', 4, 12),
            Field::number('toPh', 'probe', 4, 12),
            Field::number('totalMgL', 'total ammonia in the box, as N', 0, default: 0),
        );
    }

    public function output(): array
    {
        return [
            Field::number('minutes', 'by the longest of temperature, salinity and pH'),
            Field::boolean('straight', 'its ammonia harms more than the jump: straight into water matched to the box'),
        ];
    }

    public function answer(Given $given): array
    {
        $way = Acclimation::of(
            fromC: $given->number('fromC'),
            toC: $given->number('toC'),
            fromSalinity: $given->number('fromSalinity'),
            toSalinity: $given->number('toSalinity'),
            fromPh: $given->number('fromPh'),
            toPh: $given->number('toPh'),
            totalMgL: $given->number('totalMgL'),
        );

        return ['minutes' => $way->minutes, 'straight' => $way->isStraight];
    }
}
