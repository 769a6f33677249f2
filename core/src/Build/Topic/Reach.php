<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Levels;
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

/** From where one stands: does an arm, with its tool, come to the bottom and into the far corner (B-85)? */
final class Reach implements Topic
{
    /** An arm in a sleeve passes. */
    private const ARM_THROUGH_MM = 180.0;

    /** A rim so much higher than the shoulder asks for a step, not for a longer tool. */
    private const OVER_SHOULDER_MM = 50.0;

    /** From this step on one does not work alone over open water. */
    private const STEP_MM = 300.0;

    public function keys(): array
    {
        return ['reachMm'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $vessel = DisplayTank::vessel($facts);
        $rim = Levels::of($facts)->rimMm;
        $shoulder = $facts->number(F::StandingMm) + $facts->number(F::ShoulderMm);
        // Upright before the front pane: what the arm loses between shoulder and rim, either way.
        $reach = max(0.0, $facts->number(F::ArmMm) - abs($rim - $shoulder)) + $facts->number(F::ToolMm);
        $bottom = $vessel->insideHeightMm();
        $far = hypot($vessel->footprint->boxWidthMm() - 2 * $vessel->wallMm, $bottom);
        $parts = array_map(fn (float $l): Quantity => Quantity::of($l, Kind::Length), [
            'reach' => $reach,
            'bottom' => $bottom,
            'far' => $far,
            'lacksBottom' => max(0.0, $bottom - $reach),
            'lacksFar' => max(0.0, $far - $reach),
            'spare' => max(0.0, $reach - $far),
            'step' => max(0.0, $rim - $shoulder),
            'standing' => $facts->number(F::StandingMm),
        ]);
        $remedy =
            $rim - $shoulder > self::OVER_SHOULDER_MM
                ? Phrase::StandHigherWhereTheRim
                : Phrase::AToolLonger;
        // What nobody has measured is not held against every plan: only a bottom out of reach is.
        $asked = $facts->brief->has(F::ToolMm) || $facts->brief->has(F::StandingMm) || $facts->brief->has(F::ArmMm);
        $findings = [
            match (true) {
                $reach < $bottom => Finding::of(
                    severity: Severity::Fix,
                    rule: 'B-85',
                    about: 'display',
                    what: Sentence::of(Phrase::TheBottomIsOutOfReach, $parts),
                    why: Sentence::of(
                        Phrase::FromTheRimAnArm,
                        $parts,
                    ),
                    remedy: Sentence::of($remedy, $parts),
                    basis: $facts->basis(),
                    working: 'reachMm',
                ),
                $reach < $far => Finding::of(
                    severity: $asked ? Severity::Watch : Severity::Fine,
                    rule: 'B-85',
                    about: 'display',
                    what: Sentence::of(Phrase::TheFarLowerCornerIsOut, $parts),
                    why: Sentence::of(Phrase::AnArmWithItsToolComes, $parts),
                    remedy: Sentence::of($remedy, $parts),
                    basis: $facts->basis(),
                    working: 'reachMm',
                ),
                default => Finding::of(
                    severity: Severity::Fine,
                    rule: 'B-85',
                    about: 'display',
                    what: Sentence::of(Phrase::BottomAndFarCornerAreWithin, $parts),
                    why: Sentence::of(Phrase::WithToSpare, $parts),
                    remedy: null,
                    basis: $facts->basis(),
                    working: 'reachMm',
                ),
            },
            ...self::over($facts, $parts),
        ];

        return new TopicAnswer(
            [
                Figure::number(
                    'reachMm',
                    $parts['reach'],
                    Sentence::of(Phrase::FromTheFrontRim, $parts),
                    $facts->basis(),
                    Working::of(
                        Topic::LABELS['reachMm'],
                        'max(0, a - max(r - s - h, s + h - r)) + t',
                        [
                            $facts->row('a', F::ArmMm),
                            ['r', 'Rim above the floor', $rim, Kind::Length],
                            $facts->row('s', F::StandingMm),
                            $facts->row('h', F::ShoulderMm),
                            $facts->row('t', F::ToolMm),
                        ],
                        $parts['reach'],
                        'B-85',
                    ),
                ),
            ],
            $findings,
        );
    }

    /**
     * @param  array<string, Quantity>  $parts
     * @return list<Finding>
     */
    private static function over(Facts $facts, array $parts): array
    {
        $found = [];
        if ($facts->number(F::StandingMm) >= self::STEP_MM) {
            $found[] = Finding::of(
                Severity::Watch,
                'B-85',
                'display',
                Sentence::of(Phrase::WorkOverOpenWater, $parts),
                Sentence::of(Phrase::OneHoldsOneWorksLampRock),
                Sentence::of(Phrase::AStepWithARail),
                $facts->basis(),
            );
        }
        if ($facts->brief->has(F::OpeningMm) && $facts->number(F::OpeningMm) < self::ARM_THROUGH_MM) {
            $narrow = [
                'opening' => Quantity::of($facts->number(F::OpeningMm), Kind::Length),
                'arm' => Quantity::of(self::ARM_THROUGH_MM, Kind::Length),
            ];
            $found[] = Finding::of(
                Severity::Fix,
                'B-85',
                'display',
                Sentence::of(Phrase::AnArmDoesNotPass, $narrow),
                Sentence::of(
                    Phrase::AreNeededOpeningsAreNeverEnlarged,
                    $narrow,
                ),
                Sentence::of(Phrase::AskTheMakerForAnotherOpening),
                $facts->basis(),
            );
        }

        return $found;
    }
}
