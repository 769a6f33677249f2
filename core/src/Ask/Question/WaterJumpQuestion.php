<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Moves\WaterJump;

final class WaterJumpQuestion implements Question
{
    public function line(): string
    {
        return 'What animals meet when kept water is made up with new (M-3, W-30)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('oldL', 'kept', 0),
            Field::number('newL', 'mixed new', 0),
            Field::map('old', 'value by parameter'),
            Field::map('fresh', 'value by parameter, each of the old ones'),
            Field::map('limits', 'how far a parameter may go, either way'),
        );
    }

    public function output(): array
    {
        return [
            Field::any('after', 'value by parameter', ['type' => 'object']),
            Field::any('jump', 'after less before', ['type' => 'object']),
            Field::any('over', 'parameters past their limit', ['type' => 'array', 'items' => ['type' => 'string']]),
            Field::any('freshMost', 'what new water may be at most; null when none comes in', ['type' => 'object']),
        ];
    }

    public function answer(Given $given): array
    {
        $jump = WaterJump::of(
            $given->number('oldL'),
            $given->number('newL'),
            $given->map('old'),
            $given->map('fresh'),
            $given->map('limits'),
        );

        return [
            'after' => (object) $jump->after,
            'jump' => (object) $jump->jump,
            'over' => $jump->over,
            'freshMost' => (object) $jump->freshMost,
        ];
    }
}
