<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Risk\FailureChance;

final class FailureChanceQuestion implements Question
{
    public function line(): string
    {
        return 'Chance that a device alive today fails within a time (R-20)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('ageYears', 'years', 0),
            Field::number('horizonYears', 'years ahead', 0),
            Field::number('scaleYears', 'years by which 63 % have failed', above: 0),
            Field::number('shape', 'Weibull; above 1 it wears', above: 0),
        );
    }

    public function output(): array
    {
        return [Field::number('chance', '0–1')];
    }

    public function answer(Given $given): array
    {
        return [
            'chance' => FailureChance::of(
                $given->number('ageYears'),
                $given->number('horizonYears'),
                $given->number('scaleYears'),
                $given->number('shape'),
            ),
        ];
    }
}
