<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\PlanInput;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Build\RunningCost;
use Velbrin\Core\Build\TakeOffLine;

final class RunningYearQuestion implements Question
{
    public function line(): string
    {
        return 'What a year of running takes: power, salt, RO, waste water, care (B-61, B-64, B-89)';
    }

    public function input(): Input
    {
        return PlanInput::of();
    }

    public function output(): array
    {
        return [
            Field::any('lines', 'key, value, unit', ['type' => 'array']),
            Field::any('needs', 'fields by line that waits', ['type' => 'object']),
        ];
    }

    public function answer(Given $given): array
    {
        $year = RunningCost::of(PlanInput::brief($given));

        return [
            'lines' => array_map(
                fn (TakeOffLine $l): array => [
                    'key' => $l->key,
                    'value' => $l->quantity->value,
                    'unit' => $l->quantity->kind->value,
                ],
                $year->lines,
            ),
            'needs' => (object) $year->waits,
        ];
    }
}
