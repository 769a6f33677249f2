<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Build\Access;
use Velbrin\Core\Build\Passage;

final class AccessQuestion implements Question
{
    public function line(): string
    {
        return 'Whether a piece passes an opening, tilted if that helps, and turns round a corner (B-2)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('lengthMm', 'of the piece, mm', above: 0),
            Field::number('widthMm', 'mm', above: 0),
            Field::number('heightMm', 'mm', above: 0),
            Field::number('openingWidthMm', 'clear, mm', above: 0),
            Field::number('openingHeightMm', 'clear, mm', above: 0),
            Field::number('corridorAMm', 'before the corner, mm; 0: no corner', 0, default: 0),
            Field::number('corridorBMm', 'after it, mm; 0: no corner', 0, default: 0),
        );
    }

    public function output(): array
    {
        return [
            Field::number('openingMm', 'left at the opening, mm; below 0 it does not pass'),
            Field::any('cornerMm', 'left round the corner, mm; null without one', ['type' => ['number', 'null']]),
            Field::number('slackMm', 'the smaller of both, mm'),
            Field::boolean('passes', 'no more than that: joinery, grips and padding need room too'),
        ];
    }

    public function answer(Given $given): array
    {
        [$a, $b] = [$given->number('corridorAMm'), $given->number('corridorBMm')];
        $access = Access::of(
            $given->number('lengthMm'),
            $given->number('widthMm'),
            $given->number('heightMm'),
            new Passage(
                '',
                $given->number('openingWidthMm'),
                $given->number('openingHeightMm'),
                $a > 0 && $b > 0 ? $a : null,
                $a > 0 && $b > 0 ? $b : null,
            ),
        );

        return [
            'openingMm' => $access->openingMm,
            'cornerMm' => $access->cornerMm,
            'slackMm' => $access->slackMm(),
            'passes' => $access->slackMm() >= 0,
        ];
    }
}
