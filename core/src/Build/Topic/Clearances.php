<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\HouseRule;
use Velbrin\Core\Build\Phrase;
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
                Sentence::of(Phrase::AfterBoxElbowAndAHand),
                $facts->basis(),
            );
            $findings[] = self::judged(
                spareMm: $spare,
                lacks: Phrase::BehindTheTankAreLeft,
                why: Phrase::BoxElbowAndAHandBeside,
                remedy: Phrase::MoveTheTankForward,
                fine: Phrase::BehindTheTankAHand,
                fineWhy: Phrase::ADrainCanBeMendedThere,
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
                lacks: Phrase::TheTeethLetTheSmallestAnimal,
                why: Phrase::GapsOfABody,
                remedy: Phrase::ACombWithNarrowerGaps,
                fine: Phrase::TheTeethHoldBackTheSmallest,
                fineWhy: Phrase::GapsOfAgainstABodyOf,
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
                lacks: Phrase::NoHandComesToTheNuts,
                why: Phrase::InsideNutAndHandTake,
                remedy: Phrase::ADeeperBox,
                fine: Phrase::AHandComesToTheNuts,
                fineWhy: Phrase::MoreThanNutAndHandTake,
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
                    Phrase::AScraperAndTwoFingersPass,
                ],
                [
                    F::RockToDrainMm,
                    'drain or pump',
                    Phrase::SandAndSnailsGatherWhereNothing,
                ],
            ] as [$field, $what, $why]
        ) {
            if ($facts->brief->has($field) && $facts->number($field) < $keep) {
                $found[] = Finding::of(
                    Severity::Watch,
                    'B-80',
                    'display',
                    Sentence::of(Phrase::RockStandsFromA, [
                        'near' => Quantity::of($facts->number($field), Kind::Length),
                        'what' => $what,
                    ]),
                    Sentence::of($why, ['keep' => Quantity::of($keep, Kind::Length)]),
                    Sentence::of(Phrase::KeepFree, ['keep' => Quantity::of($keep, Kind::Length)]),
                    $facts->basis(),
                );
            }
        }
        if ($facts->brief->has(F::RockBase) && $facts->word(F::RockBase) === 'sand') {
            $found[] = Finding::of(
                Severity::Fix,
                'B-80',
                'display',
                Sentence::of(Phrase::RockStandsOnTheSand),
                Sentence::of(Phrase::AnimalsDigAndSandIsTaken),
                Sentence::of(Phrase::RockFirstOnTheBaseSand),
                $facts->basis(),
            );
        }

        return $found;
    }

    /** @param  array<string, float>  $mm */
    private static function judged(
        float $spareMm,
        Phrase $lacks,
        Phrase $why,
        Phrase $remedy,
        Phrase $fine,
        Phrase $fineWhy,
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
