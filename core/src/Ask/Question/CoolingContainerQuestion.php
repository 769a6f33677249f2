<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Moves\CoolingContainer;

final class CoolingContainerQuestion implements Question
{
    public function line(): string
    {
        return 'Water in a box on its way: where it stands, and when it is too cold (M-6)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('litres', 'L', above: 0),
            Field::number('uaWK', 'of the box with its lid, W/K', 0),
            Field::number('startC', '°C'),
            Field::number('airC', 'round it, °C'),
            Field::number('hours', 'on its way', 0),
            Field::number('lowerC', 'coldest its animals bear, °C'),
        );
    }

    public function output(): array
    {
        return [
            Field::number('tempC', 'after those hours'),
            Field::number('hoursToLower', '0 when passed, null when never')->orNull(),
        ];
    }

    public function answer(Given $given): array
    {
        $box = CoolingContainer::of(
            $given->number('litres'),
            $given->number('uaWK'),
            $given->number('startC'),
            $given->number('airC'),
            $given->number('hours'),
            $given->number('lowerC'),
        );

        return ['tempC' => $box->tempC, 'hoursToLower' => $box->hoursToLower];
    }
}
