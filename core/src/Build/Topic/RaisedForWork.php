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

/** Lamps that are raised for the work beneath them: room above, leads that give, rope that is long enough (B-53, B-84, X-34). */
final class RaisedForWork implements Topic
{
    /** Wound or tied off beyond the run, m. */
    private const TAIL_M = 0.5;

    /** Head, shoulders and arms over the rim, mm. */
    private const WORK_MM = 500.0;

    public function keys(): array
    {
        return ['travelMm'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        if (! $facts->brief->has(F::TravelMm)) {
            return new TopicAnswer([]);
        }
        $travel = $facts->numberOrNone(F::TravelMm);
        if ($travel === null) {
            return new TopicAnswer([Figure::words('travelMm', Phrase::FigureTheyStayWhereTheyHang, null, $facts->basis())]);
        }
        $length = fn (float $mm): Quantity => Quantity::of($mm, Kind::Length);
        $above = $facts->number(F::LampAboveRimMm) + $travel;

        return new TopicAnswer(
            [
                Figure::number(
                    'travelMm',
                    $length($travel),
                    Sentence::of(Phrase::ThenOfRoomOverTheRim, ['above' => $length($above)]),
                    $facts->basis(),
                ),
            ],
            [...self::above($facts, $travel, $above), ...self::leads($facts, $travel), ...self::rope($facts)],
        );
    }

    /** @return list<Finding> */
    private static function above(Facts $facts, float $travel, float $above): array
    {
        $length = fn (float $mm): Quantity => Quantity::of($mm, Kind::Length);
        $found = [];
        if ($facts->knows(F::CeilingMm) && $facts->knows(F::HeightMm) && $facts->knows(F::LampHeightMm)) {
            $free =
                $facts->number(F::CeilingMm) -
                $facts->number(F::StandHeightMm) -
                $facts->number(F::HeightMm) -
                $facts->number(F::LampAboveRimMm) -
                ($facts->numberOrNone(F::LampHeightMm) ?? 0.0);
            $parts = [
                'travel' => $length($travel),
                'free' => $length(max(0.0, $free)),
                'lacks' => $length(max(0.0, $travel - $free)),
            ];
            if ($travel > $free) {
                $found[] = Finding::of(
                    severity: Severity::Fix,
                    rule: 'B-53',
                    about: 'light',
                    what: Sentence::of(Phrase::TheLampsCannotRise, $parts),
                    why: Sentence::of(
                        Phrase::LampHookSheaveAndChainTake,
                    ),
                    remedy: Sentence::of(Phrase::TakeFromTheHanging, $parts),
                    basis: $facts->basis(),
                    working: 'travelMm',
                );
            }
        }
        $parts = ['above' => $length($above), 'work' => $length(self::WORK_MM)];

        return [
            ...$found,
            $above < self::WORK_MM
                ? Finding::of(
                    severity: Severity::Watch,
                    rule: 'B-53',
                    about: 'light',
                    what: Sentence::of(Phrase::RaisedTheLampsLeaveOver, $parts),
                    why: Sentence::of(Phrase::HeadAndShouldersNeed, $parts),
                    remedy: Sentence::of(Phrase::ALongerTravel),
                    basis: $facts->basis(),
                    working: 'travelMm',
                )
                : Finding::of(
                    severity: Severity::Fine,
                    rule: 'B-53',
                    about: 'light',
                    what: Sentence::of(Phrase::RaisedTheLampsLeaveOver, $parts),
                    why: Sentence::of(Phrase::TwoPeopleNobodysHandsUnder),
                    remedy: null,
                    basis: $facts->basis(),
                    working: 'travelMm',
                ),
        ];
    }

    /** @return list<Finding> */
    private static function leads(Facts $facts, float $travel): array
    {
        if (! $facts->brief->has(F::LeadSlackMm)) {
            return [];
        }
        $parts = [
            'slack' => Quantity::of($facts->number(F::LeadSlackMm), Kind::Length),
            'travel' => Quantity::of($travel, Kind::Length),
        ];

        return [
            $facts->number(F::LeadSlackMm) < $travel
                ? Finding::of(
                    Severity::Fix,
                    'B-53',
                    'light',
                    Sentence::of(Phrase::TheLampsLeadsGive, $parts),
                    Sentence::of(Phrase::ATautLeadPullsAPlug),
                    Sentence::of(Phrase::LongerLeadsInALoop),
                    $facts->basis(),
                )
                : Finding::of(
                    Severity::Fine,
                    'B-53',
                    'light',
                    Sentence::of(Phrase::TheLampsLeadsGive2, $parts),
                    Sentence::of(Phrase::TheyTravel, $parts),
                    null,
                    $facts->basis(),
                ),
        ];
    }

    /** @return list<Finding> */
    private static function rope(Facts $facts): array
    {
        if (! $facts->brief->has(F::RopeM) || ! $facts->brief->has(F::RopeRunM)) {
            return [];
        }
        $needs = $facts->number(F::RopeRunM) + self::TAIL_M;
        $parts = array_map(fn (float $m): Quantity => Quantity::of($m, Kind::Height), [
            'rope' => $facts->number(F::RopeM),
            'run' => $facts->number(F::RopeRunM),
            'needs' => $needs,
            'tail' => self::TAIL_M,
        ]);

        return [
            $facts->number(F::RopeM) < $needs
                ? Finding::of(
                    Severity::Fix,
                    'B-84',
                    'light',
                    Sentence::of(Phrase::TheCablesAreLong, $parts),
                    Sentence::of(
                        Phrase::FromLampToWinch,
                        $parts,
                    ),
                    Sentence::of(Phrase::NewCablesOfOneLength),
                    $facts->basis(),
                )
                : Finding::of(
                    Severity::Fine,
                    'B-84',
                    'light',
                    Sentence::of(Phrase::TheCablesAreLongEnough, $parts),
                    Sentence::of(Phrase::MarkWorkAndUseHeight),
                    null,
                    $facts->basis(),
                ),
        ];
    }
}
