<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Emergency\Rewarm;

final class RewarmQuestion implements Question
{
    public function line(): string
    {
        return 'Back to warmth no faster than 1 °C an hour: hours, what the heater may do, overshoot (E-11)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('volumeL', 'L', above: 0),
            Field::number('uaWK', 'W/K', 0),
            Field::number('roomC', '°C', -20, 50),
            Field::number('fromC', 'where it stands', 0, 40),
            Field::number('toC', 'not below fromC', 0, 40),
            Field::number('heaterW', 'W', 0),
            Field::number('mostKh', '°C an hour', 0.01, Rewarm::MOST_KH, default: Rewarm::MOST_KH),
        );
    }

    public function output(): array
    {
        return [
            Field::number('hours', 'null: that heater never gets it there')->orNull(),
            Field::number('freeKh', '°C an hour if it stayed on, at the start'),
            Field::number('onMinPerH', 'minutes of each hour it may be on at the start'),
            Field::number('neededW', 'that hold the pace to the end'),
            Field::number('overshootK', 'past the set point when the thermostat stops'),
        ];
    }

    public function answer(Given $given): array
    {
        $rewarm = Rewarm::of(
            volumeL: $given->number('volumeL'),
            uaWK: $given->number('uaWK'),
            roomC: $given->number('roomC'),
            fromC: $given->number('fromC'),
            toC: $given->number('toC'),
            heaterW: $given->number('heaterW'),
            mostKh: $given->number('mostKh'),
        );

        return [
            'hours' => $rewarm->hours,
            'freeKh' => $rewarm->freeKh,
            'onMinPerH' => $rewarm->onMinPerH,
            'neededW' => $rewarm->neededW,
            'overshootK' => $rewarm->overshootK,
        ];
    }
}
