<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** The skimmer stands in water of one depth, within what its maker asks (B-30, X-32). */
final class SkimmerDepth implements Topic
{
    public function keys(): array
    {
        return ['skimmerMm'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        if (! $facts->brief->has(F::SkimmerChamber)) {
            return new TopicAnswer([]);
        }
        $which = $facts->numberOrNone(F::SkimmerChamber);
        if ($which === null) {
            return new TopicAnswer([Figure::words('skimmerMm', Phrase::FigureNoSkimmerInTheSump, null, $facts->basis())]);
        }
        $chambers = SumpWater::of($facts)->chambers;
        $chamber =
            $chambers[(int) $which - 1] ??
            throw OutOfRange::number(
                F::SkimmerChamber->value,
                $which,
                Phrase::TheNumberOfAChamberThere,
                least: Quantity::of(1, Kind::Count),
                most: Quantity::of(count($chambers), Kind::Count),
            );
        $figure = Figure::number(
            'skimmerMm',
            Quantity::of($chamber->levelMm, Kind::Length),
            Sentence::of(Phrase::InChamber, ['chamber' => $chamber->name]),
            $facts->basis(),
        );
        if ($chamber->baffleMm === null) {
            return new TopicAnswer(
                [$figure],
                [
                    Finding::of(
                        severity: Severity::Fix,
                        rule: 'B-30',
                        about: 'sump',
                        what: Sentence::of(Phrase::TheSkimmerStandsWhereTheLevel, [
                            'chamber' => $chamber->name,
                        ]),
                        why: Sentence::of(
                            Phrase::TheReturnChamberFalls,
                        ),
                        remedy: Sentence::of(Phrase::BeforeTheLastBaffle),
                        basis: $facts->basis(),
                        working: 'skimmerMm',
                    ),
                ],
            );
        }
        if (! $facts->brief->has(F::SkimmerLeastMm) || ! $facts->brief->has(F::SkimmerMostMm)) {
            return new TopicAnswer([$figure]);
        }
        $length = fn (float $mm): Quantity => Quantity::of($mm, Kind::Length);
        [$least, $most] = [$facts->number(F::SkimmerLeastMm), $facts->number(F::SkimmerMostMm)];
        if ($least > $most) {
            throw OutOfRange::number(
                F::SkimmerLeastMm->value,
                $least,
                Phrase::AtMostTheDeepest,
                ['most' => $length($most)],
                least: $length(0),
                most: $length($most),
            );
        }
        $parts = [
            'depth' => $length($chamber->levelMm),
            'least' => $length($least),
            'most' => $length($most),
            'stand' => $length(max(0.0, ceil($chamber->levelMm - $most))),
            'lacks' => $length(max(0.0, ceil($least - $chamber->levelMm))),
        ];

        return new TopicAnswer(
            [$figure],
            [
                match (true) {
                    $chamber->levelMm > $most => Finding::of(
                        severity: Severity::Fix,
                        rule: 'B-30',
                        about: 'sump',
                        what: Sentence::of(Phrase::TheSkimmerStandsTooDeep, $parts),
                        why: Sentence::of(Phrase::ItFoamsOverIntoItsCup),
                        remedy: Sentence::of(Phrase::AShelfOfUnder, $parts),
                        basis: $facts->basis(),
                        working: 'skimmerMm',
                    ),
                    $chamber->levelMm < $least => Finding::of(
                        severity: Severity::Fix,
                        rule: 'B-30',
                        about: 'sump',
                        what: Sentence::of(Phrase::TheSkimmerStandsTooShallow, $parts),
                        why: Sentence::of(Phrase::ItsPumpDrawsAir),
                        remedy: Sentence::of(Phrase::ABaffleHigher, $parts),
                        basis: $facts->basis(),
                        working: 'skimmerMm',
                    ),
                    default => Finding::of(
                        severity: Severity::Fine,
                        rule: 'B-30',
                        about: 'sump',
                        what: Sentence::of(Phrase::TheSkimmerStandsDeep, $parts),
                        why: Sentence::of(Phrase::ItsMakerAsks, $parts),
                        remedy: null,
                        basis: $facts->basis(),
                        working: 'skimmerMm',
                    ),
                },
            ],
        );
    }
}
