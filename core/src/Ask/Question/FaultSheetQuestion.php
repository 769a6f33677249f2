<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Control\FaultWalk;
use Velbrin\Core\Control\Symptom;

final class FaultSheetQuestion implements Question
{
    public function line(): string
    {
        return 'Fault finding by symptom: the next thing to look at, or the cause, its part and what follows (P-21)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::choice(
                'symptom',
                'what was noticed',
                array_map(fn (Symptom $s): string => $s->value, Symptom::cases()),
            ),
            Field::numbers('answers', 'given so far, each the number of an answer counted from 0')->optional(),
        );
    }

    public function output(): array
    {
        return [
            Field::any('next', 'what to look at: way, ask, how, caution, answers; null at the end', [
                'type' => ['object', 'null'],
            ]),
            Field::any('cause', 'says, part, followUp, days, caution; null while something is left to look at', [
                'type' => ['object', 'null'],
            ]),
        ];
    }

    public function answer(Given $given): array
    {
        $walk = FaultWalk::of(
            Symptom::from($given->text('symptom')),
            array_map(
                fn (float $n): int => (int) $n,
                array_values(array_filter($given->rawOr('answers'), is_float(...))),
            ),
        );
        [$check, $cause] = [$walk->check, $walk->cause];

        return [
            'next' => $check === null
                    ? null
                    : [
                        'way' => $check->way->value,
                        'ask' => $check->ask,
                        'how' => $check->how,
                        'caution' => $check->caution,
                        'answers' => array_keys($check->answers),
                    ],
            'cause' => $cause === null
                    ? null
                    : [
                        'says' => $cause->says,
                        'part' => $cause->part,
                        'followUp' => $cause->follow,
                        'days' => $cause->days,
                        'caution' => $cause->caution,
                    ],
        ];
    }
}
