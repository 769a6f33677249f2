<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Chemistry\DosingVessel;

final class DosingVesselQuestion implements Question
{
    public function line(): string
    {
        return 'How long a dosing vessel lasts, and what all of it at once would do (C-15)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('levelMl', 'mL in it', 0),
            Field::number('unusableMl', 'rest below the intake, mL', 0),
            Field::number('mlPerDay', 'dosed', 0),
            Field::number('strengthAlkMeqMl', 'meq in a millilitre', 0),
            Field::number('systemL', 'L', above: 0),
        );
    }

    public function output(): array
    {
        return [
            Field::number('daysLeft', 'null while nothing is dosed')->orNull(),
            Field::number('worstAlkDkh', 'rise if the whole level went in at once'),
        ];
    }

    public function answer(Given $given): array
    {
        $vessel = DosingVessel::of(
            $given->number('levelMl'),
            $given->number('unusableMl'),
            $given->number('mlPerDay'),
            $given->number('strengthAlkMeqMl'),
            $given->number('systemL'),
        );

        return ['daysLeft' => $vessel->daysLeft, 'worstAlkDkh' => $vessel->worstAlkDkh];
    }
}
