<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Water\ChangeHabit;

final class ChangeHabitQuestion implements Question
{
    public function line(): string
    {
        return 'Where a value settles under a habit of changes (W-32)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('productionPerDay', 'rise a day, mg/L'),
            Field::number('everyDays', 'days between changes', above: 0),
            Field::number('fraction', 'share changed', most: 1, above: 0),
            Field::number('fresh', 'value in the new water'),
        );
    }

    public function output(): array
    {
        return [Field::number('peak', 'just before a change'), Field::number('afterChange', 'just after it')];
    }

    public function answer(Given $given): array
    {
        $habit = ChangeHabit::of(
            $given->number('productionPerDay'),
            $given->number('everyDays'),
            $given->number('fraction'),
            $given->number('fresh'),
        );

        return ['peak' => $habit->peak, 'afterChange' => $habit->afterChange];
    }
}
