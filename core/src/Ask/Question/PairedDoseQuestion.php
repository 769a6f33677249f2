<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Chemistry\PairedDose;

final class PairedDoseQuestion implements Question
{
    public function line(): string
    {
        return 'Two-part in equal equivalents from the alkalinity used (C-11 … C-13)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('systemL', 'L', above: 0),
            Field::number('alkUsedDkhDay', 'consumption, dKH a day', 0),
            Field::number('strengthAlkMeqMl', 'meq in a millilitre', above: 0),
            Field::number('strengthCaMgMl', 'mg of calcium in a millilitre', above: 0),
        );
    }

    public function output(): array
    {
        return [
            Field::number('alkMlDay', 'mL a day'),
            Field::number('calciumMlDay', 'mL a day'),
            Field::number('calciumUsedMgLDay', 'mg/L a day'),
        ];
    }

    public function answer(Given $given): array
    {
        $dose = PairedDose::of(
            $given->number('systemL'),
            $given->number('alkUsedDkhDay'),
            $given->number('strengthAlkMeqMl'),
            $given->number('strengthCaMgMl'),
        );

        return [
            'alkMlDay' => $dose->alkMlDay,
            'calciumMlDay' => $dose->calciumMlDay,
            'calciumUsedMgLDay' => $dose->calciumUsedMgLDay,
        ];
    }
}
