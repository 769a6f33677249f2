<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Hydraulics\GrainMotion;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** Does the sand lie where it was put (B-31)? */
final class SandMoves implements Topic
{
    public function keys(): array
    {
        return ['sandMovesMs'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $depth = $facts->number(F::SandDepthMm);
        if ($depth <= 0) {
            return new TopicAnswer([
                Figure::words('sandMovesMs', Phrase::FigureBareBottom, Sentence::of(Phrase::EasyToClean), $facts->basis()),
            ]);
        }
        $facts->need(F::GrainMm);
        $speed = Quantity::of(GrainMotion::speedMs($facts->number(F::GrainMm)), Kind::Speed);
        $school = match (true) {
            $depth <= 30 => Phrase::ThinBedLittleWasteKeptAbove,
            $depth <= 100 => Phrase::MiddlingBedStirOnlyItsTop,
            default => Phrase::DeepBedTakesNitrateNeverDisturb,
        };
        $figure = Figure::number(
            'sandMovesMs',
            $speed,
            Sentence::of($school, [
                'above' => Quantity::of(GrainMotion::ABOVE_MM, Kind::Length),
            ]),
            $facts->basis(),
        );
        if (! $facts->knows(F::NearBedMs)) {
            return new TopicAnswer([$figure]);
        }
        $parts = ['there' => Quantity::of($facts->number(F::NearBedMs), Kind::Speed), 'moves' => $speed];

        return new TopicAnswer(
            [$figure],
            [
                $facts->number(F::NearBedMs) > $speed->value
                    ? Finding::of(
                        severity: Severity::Fix,
                        rule: 'B-31',
                        about: 'flow',
                        what: Sentence::of(Phrase::TheSandWillBlow, $parts),
                        why: Sentence::of(Phrase::AGrainOfThisSizeMoves, $parts),
                        remedy: Sentence::of(Phrase::CoarserSandAPumpAimedHigher),
                        basis: $facts->basis(),
                        working: 'sandMovesMs',
                    )
                    : Finding::of(
                        severity: Severity::Fine,
                        rule: 'B-31',
                        about: 'flow',
                        what: Sentence::of(Phrase::TheSandLiesStillAt, $parts),
                        why: Sentence::of(Phrase::ItWouldMoveFrom, $parts),
                        remedy: null,
                        basis: $facts->basis(),
                        working: 'sandMovesMs',
                    ),
            ],
        );
    }
}
