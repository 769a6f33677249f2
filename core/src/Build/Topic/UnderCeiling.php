<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** Stand, tank, gap, lamp and its hanging under the ceiling: a longer hook uses clearance elsewhere (X-34). */
final class UnderCeiling implements Topic
{
    /** Hands over a lamp's fixing, mm: less is a Watch. */
    private const HANDS_MM = 150.0;

    public function keys(): array
    {
        return ['ceilingSpareMm'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $facts->need(F::CeilingMm, F::HeightMm, F::LampAboveRimMm, F::LampHeightMm);
        $spare =
            $facts->number(F::CeilingMm) -
            $facts->number(F::StandHeightMm) -
            $facts->number(F::HeightMm) -
            $facts->number(F::LampAboveRimMm) -
            ($facts->numberOrNone(F::LampHeightMm) ?? 0.0);
        $parts = [
            'spare' => Quantity::of(abs($spare), Kind::Length),
            'hands' => Quantity::of(self::HANDS_MM, Kind::Length),
        ];
        $working = Working::of(
            'Room over the lamp',
            'c - s - h - a - l',
            [
                $facts->row('c', F::CeilingMm),
                $facts->row('s', F::StandHeightMm),
                $facts->row('h', F::HeightMm),
                $facts->row('a', F::LampAboveRimMm),
                ['l', 'Lamp and its hanging, height', $facts->numberOrNone(F::LampHeightMm) ?? 0.0, Kind::Length],
            ],
            Quantity::of($spare, Kind::Length),
            'X-34',
        );

        return new TopicAnswer(
            [
                Figure::number(
                    'ceilingSpareMm',
                    Quantity::of($spare, Kind::Length),
                    Sentence::of(Phrase::FromTheFixingToTheCeiling),
                    $facts->basis(),
                    $working,
                ),
            ],
            [
                match (true) {
                    $spare < 0 => Finding::of(
                        severity: Severity::Fix,
                        rule: 'X-34',
                        about: 'access',
                        what: Sentence::of(Phrase::TheLampWouldStand, $parts),
                        why: Sentence::of(Phrase::StandTankGapAndLamp),
                        remedy: Sentence::of(Phrase::TakeFromTheGap, $parts),
                        basis: $facts->basis(),
                        working: 'ceilingSpareMm',
                    ),
                    $spare < self::HANDS_MM => Finding::of(
                        severity: Severity::Watch,
                        rule: 'X-34',
                        about: 'access',
                        what: Sentence::of(Phrase::LeftOverTheLamp, $parts),
                        why: Sentence::of(Phrase::FixingAndUnhookingItTakesHands, $parts),
                        remedy: Sentence::of(Phrase::ShortenTheHanging),
                        basis: $facts->basis(),
                        working: 'ceilingSpareMm',
                    ),
                    default => Finding::of(
                        severity: Severity::Fine,
                        rule: 'X-34',
                        about: 'access',
                        what: Sentence::of(Phrase::LeftOverTheLamp, $parts),
                        why: Sentence::of(Phrase::ItCanBeHungAndTaken),
                        remedy: null,
                        basis: $facts->basis(),
                        working: 'ceilingSpareMm',
                    ),
                },
            ],
        );
    }
}
