<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Heat\Evaporation;

final class EvaporationQuestion implements Question
{
    public function line(): string
    {
        return 'Fresh water lost to the room’s air, and the heat it carries off (B-40)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('areaM2', 'open surface', 0),
            Field::number('tempC', 'water', 0, 45),
            Field::number('roomC', 'room', -20, 50),
            Field::number('humidityPct', 'room', 0, 100, default: 50),
            Field::number('share', '1 open, 0.25 under a hood', 0, 1, default: 1),
            Field::number('airMs', 'air over the surface', 0, default: 0.1),
        );
    }

    public function output(): array
    {
        return [Field::number('litresPerDay', 'L/d'), Field::number('watts', 'W')];
    }

    public function answer(Given $given): array
    {
        $lost = Evaporation::of(
            $given->number('areaM2'),
            $given->number('tempC'),
            $given->number('roomC'),
            $given->number('humidityPct'),
            $given->number('share'),
            $given->number('airMs'),
        );

        return ['litresPerDay' => $lost->litresPerDay, 'watts' => $lost->watts];
    }
}
