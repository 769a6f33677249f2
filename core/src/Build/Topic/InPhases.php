<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
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
                throw OutOfRange::number("phases.{$row->row}.until", $until, 'later than the phase it is bought in');
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
                    'An outlet over a finished tank means an electrician over water.',
                ],
                [
                    'ports',
                    F::PortsFree,
                    'controller ports',
                    'A second controller beside the first is two programmes that know nothing of each other.',
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
                Sentence::of('All phases together take {n}', ['n' => $holes === 1.0 ? '1 hole' : "{$holes} holes"]),
                Sentence::of('A full tank is not drilled: every hole is made, and closed, in the first phase.'),
                Sentence::of('Put them all on the hole plan now.'),
                $facts->basis(),
            );
        }
        $useless = array_filter($rows, fn (TableRow $r): bool => $r->numberOr('until') !== null);
        foreach ($useless as $row) {
            $findings[] = Finding::of(
                Severity::Watch,
                'B-86',
                'price',
                Sentence::of('{name} is of no use from phase {until} on', [
                    'name' => $row->called('purchase'),
                    'until' => (string) (int) $row->number('until'),
                ]),
                Sentence::of('{price} are spent for the time until then.', ['price' => self::money($row)]),
                Sentence::of('Buy the later one at once, or have the client sign that it is meant so.'),
                $facts->basis(),
            );
        }
        if ($findings === []) {
            $findings[] = Finding::of(
                Severity::Fine,
                'B-86',
                'price',
                Sentence::of('No purchase is made useless by a later phase'),
                Sentence::of('Outlets and ports are there for all phases.'),
                null,
                $facts->basis(),
            );
        }
        $lost = array_sum(array_map(fn (TableRow $r): float => $r->numberOr('price') ?? 0.0, $useless));

        return new TopicAnswer(
            [
                Figure::words(
                    'phases',
                    $last === 1 ? 'one phase' : "{$last} phases",
                    $lost > 0
                        ? Sentence::of('{lost} go into what a later phase makes useless', [
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
        string $why,
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
                    Sentence::of('Reserve {most} {words} for phase {phase}', $parts),
                    Sentence::of('Nobody has said how many there are. '.$why),
                    Sentence::of('Count them, and keep the rest free.'),
                    $facts->basis(),
                ),
            ],
            default => [
                Finding::of(
                    Severity::Fix,
                    'B-86',
                    'power',
                    Sentence::of('Phase {phase} needs {most} {words}, there are {has}', $parts),
                    Sentence::of($why),
                    Sentence::of('Plan them in now, unused until then.'),
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
