<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Chemistry\OxygenCourse;

final class OxygenCourseQuestion implements Question
{
    public function line(): string
    {
        return 'Oxygen with the movement stopped and hours to a limit (R-22)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('volumeL', 'L', above: 0),
            Field::number('exchangeM3h', 'K_L·A, m³/h', 0),
            Field::number('saturationMgL', 'mg/L', 0),
            Field::number('startMgL', 'mg/L', 0),
            Field::number('demandMgH', 'mg/h', 0),
            Field::number('limitMgL', 'lower limit, mg/L', 0),
        );
    }

    public function output(): array
    {
        return [
            Field::number('settlesMgL', 'mg/L; null without exchange or when it would be negative')->orNull(),
            Field::number('hoursToLimit', '0 when passed, null when never')->orNull(),
        ];
    }

    public function answer(Given $given): array
    {
        $course = OxygenCourse::of(
            $given->number('volumeL'),
            $given->number('exchangeM3h'),
            $given->number('saturationMgL'),
            $given->number('startMgL'),
            $given->number('demandMgH'),
            $given->number('limitMgL'),
        );

        return ['settlesMgL' => $course->settlesMgL, 'hoursToLimit' => $course->hoursToLimit];
    }
}
