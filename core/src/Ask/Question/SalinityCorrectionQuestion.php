<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Water\Mix;
use Velbrin\Core\Water\SalinityCorrection;

final class SalinityCorrectionQuestion implements Question
{
    public function line(): string
    {
        return 'Litres to swap, days to take and salt to move a salinity (W-20)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('systemL', 'L', above: 0),
            Field::number('now', 'g/kg', 0, 60),
            Field::number('target', 'g/kg', 0, 60),
            Field::number('otherSalinity', 'of the water swapped in, g/kg; 0 for RO', 0, 60),
            Field::number('perDay', 'largest daily move, g/kg', above: 0, default: 1),
            Field::number('mixGramsPerL', 'of the salt at 35 g/kg', above: 0, default: Mix::USUAL_G_PER_L),
        );
    }

    public function output(): array
    {
        return [
            Field::number('exchangeL', 'L; null when that water cannot get there')->orNull(),
            Field::number('days', 'whole days')->integer(),
            Field::number('saltKg', 'kg, dissolved outside the system'),
        ];
    }

    public function answer(Given $given): array
    {
        $correction = SalinityCorrection::of(
            $given->number('systemL'),
            $given->number('now'),
            $given->number('target'),
            $given->number('otherSalinity'),
            $given->number('perDay'),
            $given->number('mixGramsPerL'),
        );

        return ['exchangeL' => $correction->exchangeL, 'days' => $correction->days, 'saltKg' => $correction->saltKg];
    }
}
