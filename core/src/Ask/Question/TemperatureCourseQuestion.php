<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Heat\LimitSide;
use Velbrin\Core\Heat\TemperatureCourse;

final class TemperatureCourseQuestion implements Question
{
    public function line(): string
    {
        return 'Temperature after some hours and hours to a limit (B-43, R-21)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('volumeL', 'L', above: 0),
            Field::number('uaWK', 'heat loss, W/K', 0),
            Field::number('powerW', 'heat in, W', 0),
            Field::number('evaporationW', 'heat out by evaporation, W', 0),
            Field::number('roomC', '°C'),
            Field::number('startC', '°C'),
            Field::number('hours', 'h', 0),
            Field::number('limitC', '°C'),
            Field::choice('limitSide', 'which way the limit is passed', ['upper', 'lower']),
        );
    }

    public function output(): array
    {
        return [
            Field::number('tempC', '°C after the hours'),
            Field::number('settlesC', '°C in the end')->orNull(),
            Field::number('timeConstantH', 'h')->orNull(),
            Field::number('hoursToLimit', '0 when already met or passed, null when never')->orNull(),
        ];
    }

    public function answer(Given $given): array
    {
        $course = TemperatureCourse::of(
            volumeL: $given->number('volumeL'),
            uaWK: $given->number('uaWK'),
            powerW: $given->number('powerW'),
            evaporationW: $given->number('evaporationW'),
            roomC: $given->number('roomC'),
            startC: $given->number('startC'),
            hours: $given->number('hours'),
            limitC: $given->number('limitC'),
            limitSide: LimitSide::from($given->text('limitSide')),
        );

        return [
            'tempC' => $course->tempC,
            'settlesC' => $course->settlesC,
            'timeConstantH' => $course->timeConstantH,
            'hoursToLimit' => $course->hoursToLimit,
        ];
    }
}
