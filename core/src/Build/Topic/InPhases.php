<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\TableRow;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** Built in phases: what must be reserved from the first day, and which purchases a later phase makes useless (B-86). */
final class InPhases implements Topic
{
    public function keys(): array
    {
        return ['phases'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $rows = $facts->brief->rows('phases');
        if ($rows === []) {
            return new TopicAnswer([]);
        }
        $last = 1;
        foreach ($rows as $row) {
            $until = $row->numberOr('until');
            if ($until !== null && $until <= $row->number('phase')) {
                throw OutOfRange::number("phases.{$row->row}.until", $until, Phrase::LaterThanThePhase);
            }
            $last = max($last, (int) $row->number('phase'), (int) ($until ?? 1));
        }
        $findings = [];
        foreach (
            [
                [
                    'outlets',
                    F::OutletsFree,
                    'outlets',
                    Phrase::AnOutletOverAFinishedTank,
                ],
                [
                    'ports',
                    F::PortsFree,
                    'controller ports',
                    Phrase::ASecondControllerBesideTheFirst,
                ],
            ] as [$column, $has, $words, $why]
        ) {
            array_push(
                $findings,
                ...self::reserved(
                    $rows,
                    $last,
                    $column,
                    $facts->brief->has($has) ? $facts->number($has) : null,
                    $words,
                    $why,
                    $facts,
                ),
            );
        }
        $holes = array_sum(array_map(fn (TableRow $r): float => $r->numberOr('holes') ?? 0.0, $rows));
        if ($holes > 0) {
            $findings[] = Finding::of(
                Severity::Watch,
                'B-86',
                'overflow',
                Sentence::of(Phrase::AllPhasesTogetherTake, ['n' => $holes === 1.0 ? '1 hole' : "{$holes} holes"]),
                Sentence::of(Phrase::AFullTankIsNotDrilled),
                Sentence::of(Phrase::PutThemAllOnTheHole),
                $facts->basis(),
            );
        }
        $useless = array_filter($rows, fn (TableRow $r): bool => $r->numberOr('until') !== null);
        foreach ($useless as $row) {
            $findings[] = Finding::of(
                Severity::Watch,
                'B-86',
                'price',
                Sentence::of(Phrase::IsOfNoUseFromPhase, [
                    'name' => $row->called('purchase'),
                    'until' => (string) (int) $row->number('until'),
                ]),
                Sentence::of(Phrase::AreSpentForTheTimeUntil, ['price' => self::money($row)]),
                Sentence::of(Phrase::BuyTheLaterOneAtOnce),
                $facts->basis(),
            );
        }
        if ($findings === []) {
            $findings[] = Finding::of(
                Severity::Fine,
                'B-86',
                'price',
                Sentence::of(Phrase::NoPurchaseIsMadeUseless),
                Sentence::of(Phrase::OutletsAndPortsAreThere),
                null,
                $facts->basis(),
            );
        }
        $lost = array_sum(array_map(fn (TableRow $r): float => $r->numberOr('price') ?? 0.0, $useless));

        return new TopicAnswer(
            [
                Figure::words(
                    'phases',
                    Sentence::of(Phrase::FigurePhases, ['n' => (string) $last]),
                    $lost > 0
                        ? Sentence::of(Phrase::GoIntoWhatALaterPhase, [
                            'lost' => number_format($lost, 2),
                        ])
                        : null,
                    $facts->basis(),
                ),
            ],
            $findings,
        );
    }

    /**
     * The most that any phase needs at once, against what is there.
     *
     * @param  list<TableRow>  $rows
     * @return list<Finding>
     */
    private static function reserved(
        array $rows,
        int $last,
        string $column,
        ?float $has,
        string $words,
        Phrase $why,
        Facts $facts,
    ): array {
        $most = $at = 0;
        for ($phase = 1; $phase <= $last; $phase++) {
            $needs = (int) array_sum(
                array_map(
                    fn (TableRow $r): float => $r->number('phase') <= $phase && ($r->numberOr('until') ?? INF) > $phase
                        ? $r->numberOr($column) ?? 0.0
                        : 0.0,
                    $rows,
                ),
            );
            if ($needs > $most) {
                [$most, $at] = [$needs, $phase];
            }
        }
        $parts = [
            'most' => Quantity::of($most, Kind::Count),
            'has' => Quantity::of($has ?? 0.0, Kind::Count),
            'phase' => (string) $at,
            'words' => $words,
        ];

        return match (true) {
            $most === 0 || ($has !== null && $has >= $most) => [],
            $has === null => [
                Finding::of(
                    Severity::Watch,
                    'B-86',
                    'power',
                    Sentence::of(Phrase::ReserveForPhase, $parts),
                    Sentence::joined(Sentence::of(Phrase::NobodyHasSaidHowManyThere), Sentence::of($why)),
                    Sentence::of(Phrase::CountThemAndKeepTheRest),
                    $facts->basis(),
                ),
            ],
            default => [
                Finding::of(
                    Severity::Fix,
                    'B-86',
                    'power',
                    Sentence::of(Phrase::PhaseNeedsThereAre, $parts),
                    Sentence::of($why),
                    Sentence::of(Phrase::PlanThemInNow),
                    $facts->basis(),
                ),
            ],
        };
    }

    private static function money(TableRow $row): string
    {
        return number_format($row->numberOr('price') ?? 0.0, 2);
    }
}
