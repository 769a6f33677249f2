<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Phrase;
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
                    Sentence::of(Phrase::CopperWasUsedInThisTank),
                    Sentence::of(
                        Phrase::SiliconeStoneAndSandKeep,
                    ),
                    Sentence::of(
                        Phrase::NoStoneSandOrFilter,
                    ),
                    $facts->basis(),
                ),
                'no' => Finding::of(
                    Severity::Fine,
                    'M-13',
                    'display',
                    Sentence::of(Phrase::NoCopperWasUsed),
                    Sentence::of(Phrase::AsWhoeverKeptItSays),
                    null,
                    $facts->basis(),
                ),
                default => Finding::of(
                    Severity::Fix,
                    'M-13',
                    'display',
                    Sentence::of(Phrase::NobodyKnowsWhetherCopperWasUsed),
                    Sentence::of(Phrase::SiliconeStoneAndSandKeepIt),
                    Sentence::of(Phrase::AskEveryKeeperItHad),
                    $facts->basis(),
                ),
            },
        ];
        if ($facts->word(F::Inhabitants) === 'there') {
            $findings[] = Finding::of(
                Severity::Fix,
                'M-13',
                'display',
                Sentence::of(Phrase::ItsAnimalsHaveNoNewHome),
                Sentence::of(Phrase::TheTankIsDrained),
                Sentence::of(Phrase::AHomeOrAHoldingTank),
                $facts->basis(),
            );
        }
        if ($origin === 'freshwater' && (! $facts->knows(F::Drains) || $facts->brief->holes === [])) {
            $findings[] = Finding::of(
                Severity::Watch,
                'M-13',
                'overflow',
                Sentence::of(Phrase::ItHasNoOverflowYet),
                Sentence::of(
                    Phrase::AFreshwaterTankIsFilled,
                ),
                Sentence::of(
                    Phrase::DescribeDrainsAndWeir,
                ),
                $facts->basis(),
            );
        }

        return new TopicAnswer([], $findings);
    }
}
