<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Water\WaterChange;

final class WaterChangeQuestion implements Question
{
    public function line(): string
    {
        return 'What one or several water changes leave (W-30, W-31)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('systemL', 'L', above: 0),
            Field::numbers('changesL', 'litres of each batch, each at most systemL'),
            Field::map('water', 'the system by parameter'),
            Field::map('fresh', 'the new water, same keys'),
        );
    }

    public function output(): array
    {
        return [
            Field::number('oldShare', 'share of the old water left'),
            Field::map('after', 'every parameter afterwards'),
        ];
    }

    public function answer(Given $given): array
    {
        $change = WaterChange::of($given->number('systemL'), $given->numbers('changesL'), $given->map('water'), $given->map('fresh'));

        return ['oldShare' => $change->oldShare, 'after' => (object) $change->after];
    }
}
