<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Phrase;
use Velbrin\Core\Ask\PlainFinding;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Light\Hanging;
use Velbrin\Core\Measure\OutOfRange;

final class HangingQuestion implements Question
{
    public function line(): string
    {
        return 'What each fixing of something hung must hold (B-53); to be confirmed on site by a competent person';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('massKg', 'of all that hangs', 0),
            Field::number('fixings', 'how many, a whole number', 1, 100),
            Field::number('breakingKgEach', 'breaking load of one fixing in the actual ceiling', 0),
            Field::boolean('equalised', 'four or more share the load evenly', false),
        );
    }

    public function output(): array
    {
        return [
            Field::number('neededKgEach', 'kg'),
            Field::boolean('ok', 'the entered breaking load meets the factor, no more'),
            Field::text('confirm', 'what stands beside it'),
            ...PlainFinding::fields(),
        ];
    }

    public function answer(Given $given): array
    {
        $fixings = $given->number('fixings');
        if (floor($fixings) !== $fixings) {
            throw OutOfRange::number('fixings', $fixings, Phrase::AWholeNumberFrom1);
        }
        $hanging = Hanging::of(
            $given->number('massKg'),
            (int) $fixings,
            $given->number('breakingKgEach'),
            $given->boolean('equalised'),
        );

        return [
            'neededKgEach' => $hanging->neededKgEach,
            'ok' => $hanging->ok,
            'confirm' => Hanging::CONFIRM,
            ...PlainFinding::judged([$hanging->finding($given->number('breakingKgEach'))]),
        ];
    }
}
