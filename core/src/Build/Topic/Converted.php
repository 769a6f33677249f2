<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** A tank that was something else before: copper, who lives in it, and the overflow it lacks (M-13). */
final class Converted implements Topic
{
    public function keys(): array
    {
        return [];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $origin = $facts->word(F::Origin);
        if ($origin === 'new') {
            return new TopicAnswer([]);
        }
        $findings = [
            match ($facts->word(F::Copper)) {
                'yes' => Finding::of(
                    Severity::Fix,
                    'M-13',
                    'display',
                    Sentence::of('Copper was used in this tank'),
                    Sentence::of(
                        'Silicone, stone and sand keep it and give it back for months: corals, snails and shrimps die of traces.',
                    ),
                    Sentence::of(
                        'No stone, sand or filter from it. Fill, test for copper over weeks, and begin only at nothing; or take '.
                        'another tank.',
                    ),
                    $facts->basis(),
                ),
                'no' => Finding::of(
                    Severity::Fine,
                    'M-13',
                    'display',
                    Sentence::of('No copper was used in this tank'),
                    Sentence::of('As whoever kept it says; one test of the first water confirms it.'),
                    null,
                    $facts->basis(),
                ),
                default => Finding::of(
                    Severity::Fix,
                    'M-13',
                    'display',
                    Sentence::of('Nobody knows whether copper was used in this tank'),
                    Sentence::of('Silicone, stone and sand keep it; invertebrates die of traces.'),
                    Sentence::of('Ask every keeper it had. Else treat it as used, and test.'),
                    $facts->basis(),
                ),
            },
        ];
        if ($facts->word(F::Inhabitants) === 'there') {
            $findings[] = Finding::of(
                Severity::Fix,
                'M-13',
                'display',
                Sentence::of('Its animals have no new home yet'),
                Sentence::of('The tank is drained before it is drilled; they cannot wait in buckets.'),
                Sentence::of('A home or a holding tank, running and cycled, before the first day of work.'),
                $facts->basis(),
            );
        }
        if ($origin === 'freshwater' && (! $facts->knows(F::Drains) || $facts->brief->holes === [])) {
            $findings[] = Finding::of(
                Severity::Watch,
                'M-13',
                'overflow',
                Sentence::of('It has no overflow yet'),
                Sentence::of(
                    'A freshwater tank is filled to the brim and filtered inside: holes, box, sump and pipes come with the change.',
                ),
                Sentence::of(
                    'Describe drains and weir, place the holes, try every pane for toughening; or an overflow box hung over the rim.',
                ),
                $facts->basis(),
            );
        }

        return new TopicAnswer([], $findings);
    }
}
