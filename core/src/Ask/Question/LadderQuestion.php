<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\PlainFinding;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Control\Ladder;

final class LadderQuestion implements Question
{
    public function line(): string
    {
        return 'Harm, alarm, control: do the rungs of one quantity rise in their order (X-25)?';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('harmLow', 'any of them, at least two')->optional(),
            Field::number('alarmLow', 'any of them, at least two')->optional(),
            Field::number('heaterOn', 'any of them, at least two')->optional(),
            Field::number('heaterOff', 'any of them, at least two')->optional(),
            Field::number('fanOff', 'any of them, at least two')->optional(),
            Field::number('fanOn', 'any of them, at least two')->optional(),
            Field::number('alarmHigh', 'any of them, at least two')->optional(),
            Field::number('harmHigh', 'any of them, at least two')->optional(),
        );
    }

    public function output(): array
    {
        return [
            Field::boolean('ordered', 'strictly rising'),
            Field::any('breaks', 'neighbouring pairs that do not rise, the lower name first', ['type' => 'array']),
            ...PlainFinding::fields(),
        ];
    }

    public function answer(Given $given): array
    {
        $rungs = [];
        foreach (Ladder::RUNGS as $name) {
            $value = $given->numberOrNull($name);
            if ($value !== null) {
                $rungs[$name] = $value;
            }
        }
        $ladder = Ladder::of($rungs);

        return [
            'ordered' => $ladder->isOrdered(),
            'breaks' => $ladder->breaks,
            ...PlainFinding::judged([$ladder->finding()]),
        ];
    }
}
