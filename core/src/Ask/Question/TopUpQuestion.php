<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Water\TopUp;

final class TopUpQuestion implements Question
{
    public function line(): string
    {
        return 'Short of water and off its salinity: how much salt water, how much RO (W-21)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('systemL', 'full, L', above: 0),
            Field::number('wantedS', 'g/kg', 0, 50),
            Field::number('nowS', 'g/kg', 0, 50),
            Field::number('shortL', 'missing now, at most systemL', 0),
            Field::number('mixSalinity', 'of the salt water, g/kg', above: 0),
        );
    }

    public function output(): array
    {
        return [Field::number('saltWaterL', 'L'), Field::number('roL', 'L')];
    }

    public function answer(Given $given): array
    {
        $topUp = TopUp::of(
            $given->number('systemL'),
            $given->number('wantedS'),
            $given->number('nowS'),
            $given->number('shortL'),
            $given->number('mixSalinity'),
        );

        return ['saltWaterL' => $topUp->saltWaterL, 'roL' => $topUp->roL];
    }
}
