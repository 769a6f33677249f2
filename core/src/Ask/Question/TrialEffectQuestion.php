<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Chemistry\Reading;
use Velbrin\Core\Chemistry\TrialEffect;

final class TrialEffectQuestion implements Question
{
    public function line(): string
    {
        return 'What a trial did: a value before and after, with counts, spread and whether it is more than chance (X-57)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('startDay', 'the trial begins'),
            Field::number('endDay', 'it is judged'),
            Field::rows(
                'readings',
                'of the measured value',
                Input::of(Field::number('day', 'read on'), Field::number('value', 'in any one unit')),
            ),
        );
    }

    public function output(): array
    {
        return [
            Field::any(
                'effect',
                'before, after, change, beforeCount, afterCount, spread, clear; null while one side has no reading',
                ['type' => ['object', 'null']],
            ),
        ];
    }

    public function answer(Given $given): array
    {
        $effect = TrialEffect::of(
            array_map(
                fn (Given $r): Reading => Reading::at($r->number('day'), $r->number('value')),
                $given->rows('readings'),
            ),
            $given->number('startDay'),
            $given->number('endDay'),
        );

        return [
            'effect' => $effect === null
                    ? null
                    : [
                        'before' => $effect->before,
                        'after' => $effect->after,
                        'change' => $effect->change(),
                        'beforeCount' => $effect->beforeCount,
                        'afterCount' => $effect->afterCount,
                        'spread' => $effect->spread,
                        'clear' => $effect->isClear(),
                    ],
        ];
    }
}
