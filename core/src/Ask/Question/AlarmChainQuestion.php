<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Control\AlarmChain;

final class AlarmChainQuestion implements Question
{
    public function line(): string
    {
        return 'Who is called, and when, while nobody answers an alarm (K-14)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::rows(
                'steps',
                'one after the other',
                Input::of(
                    Field::text('who', 'whom'),
                    Field::number('waitS', 's before the next is called', least: 0),
                    Field::boolean('fails', 'its channel does not get through', default: false),
                ),
            ),
            Field::any('away', 'on leave or ill', ['type' => 'array', 'items' => ['type' => 'string']], required: false),
            Field::text('roster', 'who is on call that day')->optional(),
            Field::text('owner', 'who is called last')->optional(),
            Field::number('answerS', 's after the alarm at which somebody answers; absent: nobody does', least: 0)->optional(),
            Field::number('restS', 's between two rounds', least: 0, default: 300),
        );
    }

    public function output(): array
    {
        return [
            Field::any('calls', 'atS, who, round, in time', ['type' => 'array']),
            Field::any('answeredBy', 'the last called before the answer; null: nobody answers', ['type' => ['string', 'null']]),
            Field::boolean('reachesSomebody', 'somebody is called at all'),
        ];
    }

    public function answer(Given $given): array
    {
        $chain = AlarmChain::walk(
            steps: array_map(
                fn (Given $s): array => ['who' => $s->text('who'), 'waitS' => $s->number('waitS'), 'fails' => $s->boolean('fails')],
                $given->rows('steps'),
            ),
            away: array_values(array_filter($given->rawOr('away'), is_string(...))),
            roster: $given->textOrNull('roster'),
            owner: $given->textOrNull('owner'),
            answerS: $given->numberOrNull('answerS'),
            restS: $given->number('restS'),
        );

        return ['calls' => $chain->calls, 'answeredBy' => $chain->answeredBy, 'reachesSomebody' => $chain->reachesSomebody()];
    }
}
