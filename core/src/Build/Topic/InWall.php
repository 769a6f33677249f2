<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** A tank in an opened wall: props, hidden cables, the gap under the lintel, room behind for the work of years (B-12, B-77). */
final class InWall implements Topic
{
    /** A lintel settles; this much air stays between it and the tank, mm. */
    private const GAP_MM = 10.0;

    /** A person turns and works in it, mm. */
    private const SERVICE_MM = 600.0;

    public function keys(): array
    {
        return [];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        if (! $facts->brief->has(F::WallOpening) || $facts->word(F::WallOpening) !== 'yes') {
            return new TopicAnswer([]);
        }
        $found = [self::props($facts), self::cables($facts), self::gap($facts)];
        if ($facts->brief->has(F::GapBehindMm)) {
            $found[] = self::behind($facts);
        }

        return new TopicAnswer([], $found);
    }

    private static function props(Facts $facts): Finding
    {
        return match ($facts->word(F::Props)) {
            'planned' => Finding::of(
                Severity::Fine,
                'B-77',
                'floor',
                Sentence::of(Phrase::TemporaryPropsArePlanned),
                Sentence::of(
                    Phrase::TheyStandBeforeTheFirstStone,
                ),
                null,
                $facts->basis(),
            ),
            'none' => Finding::of(
                Severity::Fine,
                'B-77',
                'floor',
                Sentence::of(Phrase::TheEngineersDocumentSaysNoProps),
                Sentence::of(Phrase::KeepItWithTheConsents),
                null,
                $facts->basis(),
            ),
            default => Finding::of(
                Severity::Fix,
                'B-77',
                'floor',
                Sentence::of(Phrase::TemporaryPropsAreNotPlanned),
                Sentence::of(Phrase::WhileTheWallIsOpen),
                Sentence::of(Phrase::AskTheStructuralEngineerForProps),
                $facts->basis(),
            ),
        };
    }

    private static function cables(Facts $facts): Finding
    {
        return $facts->word(F::HiddenCables) === 'searched'
            ? Finding::of(
                Severity::Fine,
                'B-77',
                'floor',
                Sentence::of(Phrase::TheWallWasSearchedForCables),
                Sentence::of(Phrase::WhatWasFoundIsMarked),
                null,
                $facts->basis(),
            )
            : Finding::of(
                Severity::Fix,
                'B-77',
                'floor',
                Sentence::of(Phrase::TheWallIsNotSearched),
                Sentence::of(Phrase::ACutCableKills),
                Sentence::of(
                    Phrase::SearchItWithALocator,
                ),
                $facts->basis(),
            );
    }

    private static function gap(Facts $facts): Finding
    {
        $gap = $facts->brief->has(F::LintelGapMm) ? $facts->number(F::LintelGapMm) : null;
        $parts = [
            'gap' => Quantity::of($gap ?? 0.0, Kind::Length),
            'least' => Quantity::of(self::GAP_MM, Kind::Length),
        ];

        return match (true) {
            $gap === null => Finding::of(
                Severity::Fix,
                'B-77',
                'floor',
                Sentence::of(Phrase::NobodyHasSaidWhatGapStays),
                Sentence::of(Phrase::AWallThatSettlesOntoGlass),
                Sentence::of(Phrase::DrawItWithOrMore, $parts),
                $facts->basis(),
            ),
            $gap < self::GAP_MM => Finding::of(
                Severity::Fix,
                'B-12',
                'floor',
                Sentence::of(Phrase::OnlyBetweenLintelAndTank, $parts),
                Sentence::of(Phrase::AWallThatSettlesOntoGlass),
                Sentence::of(Phrase::OrMoreClosedWithSomethingSoft, $parts),
                $facts->basis(),
            ),
            default => Finding::of(
                Severity::Fine,
                'B-12',
                'floor',
                Sentence::of(Phrase::OfAirUnderTheLintel, $parts),
                Sentence::of(Phrase::ClosedWithSomethingSoft),
                null,
                $facts->basis(),
            ),
        };
    }

    private static function behind(Facts $facts): Finding
    {
        $parts = [
            'gap' => Quantity::of($facts->number(F::GapBehindMm), Kind::Length),
            'wide' => Quantity::of(self::SERVICE_MM, Kind::Length),
        ];

        return $facts->number(F::GapBehindMm) >= self::SERVICE_MM
            ? Finding::of(
                Severity::Fine,
                'B-12',
                'access',
                Sentence::of(Phrase::ToWorkInBehindTheWall, $parts),
                Sentence::of(Phrase::ItIsWorthMoreThanAny),
                null,
                $facts->basis(),
            )
            : Finding::of(
                Severity::Watch,
                'B-12',
                'access',
                Sentence::of(Phrase::BehindTheWall, $parts),
                Sentence::of(Phrase::EverythingBehindIsThenDone),
                Sentence::of(Phrase::BehindOrEveryPartWithinReach, $parts),
                $facts->basis(),
            );
    }
}
