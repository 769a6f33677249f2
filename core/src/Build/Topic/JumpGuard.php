<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** Fish jump, most of all the first nights: what keeps them in over an open top and over the weir (B-26). */
final class JumpGuard implements Topic
{
    public function keys(): array
    {
        return ['guard'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $facts->need(F::Guard);
        $guard = $facts->word(F::Guard);
        $isOpen = $facts->word(F::Top) === 'open';

        return new TopicAnswer(
            [Figure::words('guard', PlanSheet::spec(F::Guard)->choices[$guard], null, $facts->basis())],
            [
                match ($guard) {
                    'none' => Finding::of(
                        Severity::Fix,
                        'B-26',
                        'display',
                        Sentence::of(
                            $isOpen
                                ? 'Nothing keeps fish in under the open top'
                                : 'Nothing keeps fish out of the overflow',
                        ),
                        Sentence::of(
                            $isOpen
                                ? 'Wrasses, gobies and newcomers jump at night and are found on the floor.'
                                : 'Small fish go over the weir and sit in the box or in the sump.',
                        ),
                        Sentence::of('Clear mesh over the top, an upright grid on the weir.'),
                        $facts->basis(),
                    ),
                    'lid' => Finding::of(
                        Severity::Fix,
                        'B-26',
                        'display',
                        Sentence::of('A flat lid over the comb strands fish'),
                        Sentence::of('A fish that jumps lands on the dry side of it and does not find back.'),
                        Sentence::of('Clear mesh, or a grid that stands upright on the weir.'),
                        $facts->basis(),
                    ),
                    default => Finding::of(
                        Severity::Fine,
                        'B-26',
                        'display',
                        Sentence::of('Fish are kept in by {what}', [
                            'what' => PlanSheet::spec(F::Guard)->choices[$guard],
                        ]),
                        Sentence::of('Look for gaps at cables, hoses and corners.'),
                        null,
                        $facts->basis(),
                    ),
                },
            ],
        );
    }
}
