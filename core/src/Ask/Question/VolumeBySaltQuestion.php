<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Water\MeasuredVolume;
use Velbrin\Core\Water\Mix;

final class VolumeBySaltQuestion implements Question
{
    public function line(): string
    {
        return 'Litres of a system from a known mass of salt (W-6)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('saltKg', 'kg', above: 0),
            Field::number('before', 'g/kg', 0, 50),
            Field::number('after', 'g/kg, mixed through', 0, 50),
            Field::number('mixGramsPerL', 'of the salt at 35 g/kg', above: 0, default: Mix::USUAL_G_PER_L),
            Field::number('resolution', 'of the instrument, g/kg', above: 0, default: 0.1),
        );
    }

    public function output(): array
    {
        return [Field::number('systemL', 'L'), Field::number('uncertainL', '± L for what the instrument cannot tell')];
    }

    public function answer(Given $given): array
    {
        $it = MeasuredVolume::bySalt(
            $given->number('saltKg'),
            $given->number('before'),
            $given->number('after'),
            $given->number('mixGramsPerL'),
            $given->number('resolution'),
        );

        return ['systemL' => $it->litres, 'uncertainL' => $it->uncertainL];
    }
}
