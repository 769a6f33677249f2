<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Build\Topic\StreamInTank;

final class TurnoverQuestion implements Question
{
    public function line(): string
    {
        return 'How often a flow passes a volume in an hour, and whom that suits in the display (B-23, B-60)';
    }

    public function input(): Input
    {
        return Input::of(Field::number('flowLh', 'L/h', 0), Field::number('volumeL', 'L', above: 0));
    }

    public function output(): array
    {
        return [
            Field::number('perHour', 'times'),
            Field::any('suits', 'as flow in the display: soft, mixed, stony', ['type' => 'array']),
        ];
    }

    public function answer(Given $given): array
    {
        $times = $given->number('flowLh') / $given->number('volumeL');

        return [
            'perHour' => $times,
            'suits' => array_keys(
                array_filter(StreamInTank::RANGES, fn (array $r): bool => $times >= $r[0] && $times <= $r[1]),
            ),
        ];
    }
}
