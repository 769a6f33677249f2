<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\PlanInput;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Stage;
use Velbrin\Core\Build\Stages;

final class StageScheduleQuestion implements Question
{
    public function line(): string
    {
        return 'The course of a build: each stage’s hours and people, and the earliest days it can begin and stand (B-71)';
    }

    public function input(): Input
    {
        return PlanInput::of(
            Field::any(
                'passed',
                'keys of stages that have passed',
                ['type' => 'array', 'items' => ['type' => 'string']],
                required: false,
            ),
        );
    }

    public function output(): array
    {
        return [
            Field::any('stages', 'key, label, hours, persons, beginsDay, standsDay, mayBeWaived', ['type' => 'array']),
        ];
    }

    public function answer(Given $given): array
    {
        $stages = PlanInput::known(fn (): array => Stages::of(Facts::of(PlanInput::brief($given))));
        $course = Stages::course($stages, array_values(array_filter($given->rawOr('passed'), is_string(...))));

        return [
            'stages' => array_map(
                fn (Stage $s): array => [
                    'key' => $s->key,
                    'label' => $s->label,
                    'hours' => $s->hours,
                    'persons' => $s->persons,
                    'beginsDay' => $course[$s->key][0],
                    'standsDay' => $course[$s->key][1],
                    'mayBeWaived' => $s->mayBeWaived,
                ],
                $stages,
            ),
        ];
    }
}
