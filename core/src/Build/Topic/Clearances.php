<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\HouseRule;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/**
 * Room for animals, hands and nuts: teeth, the box, behind the tank, round the rock (B-80). What nobody has measured is not asked
 * for here.
 */
final class Clearances implements Topic
{
    public function keys(): array
    {
        return ['behindMm'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $figures = [];
        $findings = [...self::teeth($facts), ...self::box($facts), ...self::rock($facts)];
        if ($facts->brief->has(F::GapBehindMm)) {
            $facts->need(F::ElbowMm);
            $needs =
                ($facts->brief->has(F::BoxBehindMm) ? $facts->numberOrNone(F::BoxBehindMm) ?? 0.0 : 0.0) +
                $facts->number(F::ElbowMm) +
                $facts->number(F::HandMm);
            $spare = $facts->number(F::GapBehindMm) - $needs;
            $figures[] = Figure::number(
                'behindMm',
                Quantity::of($spare, Kind::Length),
                Sentence::of('after box, elbow and a hand'),
                $facts->basis(),
            );
            $findings[] = self::judged(
                spareMm: $spare,
                lacks: 'Behind the tank {gap} are left, {needs} are needed',
                why: 'Box, elbow and a hand beside each other. No drain is mended where no hand comes.',
                remedy: 'Move the tank forward, or a flatter elbow.',
                fine: 'Behind the tank a hand has {spare} to spare',
                fineWhy: 'A drain can be mended there.',
                mm: ['gap' => $facts->number(F::GapBehindMm), 'needs' => $needs],
                facts: $facts,
            );
        }

        return new TopicAnswer($figures, $findings);
    }

    /** @return list<Finding> */
    private static function teeth(Facts $facts): array
    {
        if (! $facts->brief->has(F::SmallestMm) || ! $facts->brief->has(F::ToothGapMm)) {
            return [];
        }
        $spare = $facts->number(F::SmallestMm) - $facts->number(F::ToothGapMm);

        return [
            self::judged(
                spareMm: $spare,
                lacks: 'The teeth let the smallest animal through',
                why: 'Gaps of {gap}, a body of {body}: it ends in the drain.',
                remedy: 'A comb with narrower gaps, or a guard before it.',
                fine: 'The teeth hold back the smallest animal',
                fineWhy: 'Gaps of {gap} against a body of {body}.',
                mm: ['gap' => $facts->number(F::ToothGapMm), 'body' => $facts->number(F::SmallestMm)],
                facts: $facts,
            ),
        ];
    }

    /** @return list<Finding> */
    private static function box(Facts $facts): array
    {
        if (! $facts->brief->has(F::BoxInsideMm) || ! $facts->brief->has(F::NutMm)) {
            return [];
        }
        $needs = $facts->number(F::NutMm) + $facts->number(F::HandMm);

        return [
            self::judged(
                spareMm: $facts->number(F::BoxInsideMm) - $needs,
                lacks: 'No hand comes to the nuts in the box',
                why: '{has} inside; nut and hand take {needs}.',
                remedy: 'A deeper box, or nuts that are turned from outside.',
                fine: 'A hand comes to the nuts in the box',
                fineWhy: '{spare} more than nut and hand take.',
                mm: ['has' => $facts->number(F::BoxInsideMm), 'needs' => $needs],
                facts: $facts,
            ),
        ];
    }

    /** @return list<Finding> */
    private static function rock(Facts $facts): array
    {
        $found = [];
        $keep = $facts->brief->limit(HouseRule::RockMm);
        foreach (
            [
                [
                    F::RockToPaneMm,
                    'pane',
                    'A scraper and two fingers pass with {keep}; less, and algae stay and glass is scratched.',
                ],
                [
                    F::RockToDrainMm,
                    'drain or pump',
                    'Sand and snails gather where nothing can be cleaned, and a pump cannot be lifted out.',
                ],
            ] as [$field, $what, $why]
        ) {
            if ($facts->brief->has($field) && $facts->number($field) < $keep) {
                $found[] = Finding::of(
                    Severity::Watch,
                    'B-80',
                    'display',
                    Sentence::of('Rock stands {near} from a {what}', [
                        'near' => Quantity::of($facts->number($field), Kind::Length),
                        'what' => $what,
                    ]),
                    Sentence::of($why, ['keep' => Quantity::of($keep, Kind::Length)]),
                    Sentence::of('Keep {keep} free.', ['keep' => Quantity::of($keep, Kind::Length)]),
                    $facts->basis(),
                );
            }
        }
        if ($facts->brief->has(F::RockBase) && $facts->word(F::RockBase) === 'sand') {
            $found[] = Finding::of(
                Severity::Fix,
                'B-80',
                'display',
                Sentence::of('Rock stands on the sand'),
                Sentence::of('Animals dig, and sand is taken out one day: then it falls, on an animal or a pane.'),
                Sentence::of('Rock first, on the base; sand round it.'),
                $facts->basis(),
            );
        }

        return $found;
    }

    /** @param  array<string, float>  $mm */
    private static function judged(
        float $spareMm,
        string $lacks,
        string $why,
        string $remedy,
        string $fine,
        string $fineWhy,
        array $mm,
        Facts $facts,
    ): Finding {
        $parts = array_map(fn (float $l): Quantity => Quantity::of($l, Kind::Length), [
            ...$mm,
            'spare' => abs($spareMm),
        ]);

        return $spareMm < 0
            ? Finding::of(
                Severity::Fix,
                'B-80',
                'display',
                Sentence::of($lacks, $parts),
                Sentence::of($why, $parts),
                Sentence::of($remedy, $parts),
                $facts->basis(),
            )
            : Finding::of(
                Severity::Fine,
                'B-80',
                'display',
                Sentence::of($fine, $parts),
                Sentence::of($fineWhy, $parts),
                null,
                $facts->basis(),
            );
    }
}
