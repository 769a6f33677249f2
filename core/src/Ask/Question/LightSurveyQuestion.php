<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Light\LightSurvey;

final class LightSurveyQuestion implements Question
{
    public function line(): string
    {
        return 'A light meter’s readings beside the prediction: one factor and how far they scatter (B-52)';
    }

    public function input(): Input
    {
        return Input::of(Field::numbers('predicted', 'µmol/m²/s'), Field::numbers('measured', 'at the same points'));
    }

    public function output(): array
    {
        return [
            Field::number('factor', 'measured by predicted'),
            Field::number('scatterPct', '%'),
            Field::boolean('calibrates', 'three points or more'),
        ];
    }

    public function answer(Given $given): array
    {
        $survey = LightSurvey::of($given->numbers('predicted'), $given->numbers('measured'));

        return [
            'factor' => $survey->factor,
            'scatterPct' => $survey->scatterPct,
            'calibrates' => $survey->calibrates(),
        ];
    }
}
