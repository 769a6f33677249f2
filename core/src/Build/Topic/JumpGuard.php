<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Phrase;
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
                                ? Phrase::NothingKeepsFishInUnder
                                : Phrase::NothingKeepsFishOut,
                        ),
                        Sentence::of(
                            $isOpen
                                ? Phrase::WrassesGobiesAndNewcomersJump
                                : Phrase::SmallFishGoOverTheWeir,
                        ),
                        Sentence::of(Phrase::ClearMeshOverTheTop),
                        $facts->basis(),
                    ),
                    'lid' => Finding::of(
                        Severity::Fix,
                        'B-26',
                        'display',
                        Sentence::of(Phrase::AFlatLidOverTheComb),
                        Sentence::of(Phrase::AFishThatJumpsLands),
                        Sentence::of(Phrase::ClearMeshOrAGrid),
                        $facts->basis(),
                    ),
                    default => Finding::of(
                        Severity::Fine,
                        'B-26',
                        'display',
                        Sentence::of(Phrase::FishAreKeptInBy, [
                            'what' => PlanSheet::spec(F::Guard)->choices[$guard],
                        ]),
                        Sentence::of(Phrase::LookForGapsAtCables),
                        null,
                        $facts->basis(),
                    ),
                },
            ],
        );
    }
}
