<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
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
            return new TopicAnswer([Figure::words('travelMm', 'they stay where they hang', null, $facts->basis())]);
        }
        $length = fn (float $mm): Quantity => Quantity::of($mm, Kind::Length);
        $above = $facts->number(F::LampAboveRimMm) + $travel;

        return new TopicAnswer(
            [
                Figure::number(
                    'travelMm',
                    $length($travel),
                    Sentence::of('then {above} of room over the rim to work in', ['above' => $length($above)]),
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
                    what: Sentence::of('The lamps cannot rise by {travel}: {free} are free above them', $parts),
                    why: Sentence::of(
                        'Lamp, hook, sheave and chain take the rest: a shorter hook gives as much as it saves.',
                    ),
                    remedy: Sentence::of('Take {lacks} from the hanging, or hang them so that they swing aside.', $parts),
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
                    what: Sentence::of('Raised, the lamps leave {above} over the rim', $parts),
                    why: Sentence::of('Head and shoulders need {work}: one works with a lamp at the ear.', $parts),
                    remedy: Sentence::of('A longer travel, or lamps that swing aside.'),
                    basis: $facts->basis(),
                    working: 'travelMm',
                )
                : Finding::of(
                    severity: Severity::Fine,
                    rule: 'B-53',
                    about: 'light',
                    what: Sentence::of('Raised, the lamps leave {above} over the rim', $parts),
                    why: Sentence::of('Two people, nobody’s hands under it while it moves; the brake holds, not the hand.'),
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
                    Sentence::of('The lamps’ leads give {slack}, they travel {travel}', $parts),
                    Sentence::of('A taut lead pulls a plug, or the lamp.'),
                    Sentence::of('Longer leads, in a loop that cannot reach the water.'),
                    $facts->basis(),
                )
                : Finding::of(
                    Severity::Fine,
                    'B-53',
                    'light',
                    Sentence::of('The lamps’ leads give {slack}', $parts),
                    Sentence::of('They travel {travel}.', $parts),
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
                    Sentence::of('The cables are {rope} long, the longest run takes {needs}', $parts),
                    Sentence::of(
                        '{run} from lamp to winch with the lamp at its lowest, and {tail} that stay on the drum.',
                        $parts,
                    ),
                    Sentence::of('New cables of one length, marked at work and at use height.'),
                    $facts->basis(),
                )
                : Finding::of(
                    Severity::Fine,
                    'B-84',
                    'light',
                    Sentence::of('The cables are long enough: {rope} for {run}', $parts),
                    Sentence::of('Mark work and use height on each run.'),
                    null,
                    $facts->basis(),
                ),
        ];
    }
}
