<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Levels;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\TableRow;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Hydraulics\Pipe;
use Velbrin\Core\Hydraulics\PumpChart;
use Velbrin\Core\Hydraulics\PumpCurve;
use Velbrin\Core\Hydraulics\ReturnLine;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** What the chosen pump really brings through the line, against the planned flow (B-23). */
final class ReturnPump implements Topic
{
    /** Within this share the planned flow is met. */
    private const CLOSE = 0.02;

    private const EXIT_K = 1.0;

    public function keys(): array
    {
        return ['pumpLh', 'pumpSpeed', 'outletsLh'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $chart = self::chart($facts);
        $lines = self::lines($facts);
        $flow = Quantity::of($lines * $chart->meets->flowLh, Kind::Flow);
        $speed = Quantity::of(100 * $chart->speed, Kind::Percent);
        $parts = [
            'flow' => $flow,
            'planned' => Quantity::of($lines * $chart->plannedLh, Kind::Flow),
            'head' => Quantity::of($chart->meets->headM, Kind::Height),
            'static' => Quantity::of($chart->staticM, Kind::Height),
            'asked' => Quantity::of($chart->plannedHeadM, Kind::Height),
            'speed' => $speed,
            'draws' => Quantity::of($lines * $chart->drawsLh, Kind::Flow),
        ];
        $figures = [
            Figure::number(
                'pumpLh',
                $flow,
                Sentence::of(
                    $chart->drawsLh > 0 ? Phrase::AtOfWhichAreHeightBesides : Phrase::AtOfWhichAreHeight,
                    $parts,
                ),
                $facts->basis(),
                self::meeting($facts, $chart, $flow),
            ),
            Figure::number(
                'pumpSpeed',
                $speed,
                Sentence::of(Phrase::GivesThePlannedFlow),
                $facts->basis(),
                self::speed($facts, $chart, $speed),
            ),
        ];
        if ($chart->outletsLh !== []) {
            $figures[] = self::outlets($facts, $chart);
        }
        if ($chart->meets->flowLh <= 0) {
            throw self::tooWeak($facts, $chart);
        }

        return new TopicAnswer(
            $figures,
            [
                $chart->meets->flowLh < (1 - self::CLOSE) * $chart->plannedLh
                    ? Finding::of(
                        severity: Severity::Fix,
                        rule: 'B-23',
                        about: 'return',
                        what: Sentence::of(Phrase::ThePumpBringsOfThePlanned, $parts),
                        why: Sentence::of(Phrase::ThePlannedFlowAsksForThrough, $parts),
                        remedy: Sentence::of(Phrase::AWiderLine, $parts),
                        basis: $facts->basis(),
                        working: 'pumpLh',
                    )
                    : Finding::of(
                        severity: Severity::Fine,
                        rule: 'B-23',
                        about: 'return',
                        what: Sentence::of(Phrase::ThePumpBrings, $parts),
                        why: Sentence::of(
                            Phrase::AtOfItsSpeedItGives,
                            $parts,
                        ),
                        remedy: null,
                        basis: $facts->basis(),
                        working: 'pumpLh',
                    ),
            ],
            $chart,
        );
    }

    /** Height alone is more than it can: refused where its head was written, with what would do. */
    private static function tooWeak(Facts $facts, PumpChart $chart): OutOfRange
    {
        $least = Quantity::of(ceil(100 * $chart->staticM) / 100 + 0.01, Kind::Height);
        $points = $facts->brief->rows('curve');
        usort($points, fn (TableRow $a, TableRow $b): int => $b->number('headM') <=> $a->number('headM'));
        [$field, $has] =
            $points === []
                ? [F::PumpMaxHeadM->value, $facts->number(F::PumpMaxHeadM)]
                : ["curve.{$points[0]->row}.headM", $points[0]->number('headM')];

        return OutOfRange::number(
            $field,
            $has,
            Phrase::MoreThanTheHeightItLifts,
            [
                'staticM' => Quantity::of($chart->staticM, Kind::Height),
            ],
            least: $least,
            most: Quantity::of(50, Kind::Height),
        );
    }

    /**
     * @throws Missing
     * @throws OutOfRange
     */
    public static function chart(Facts $facts): PumpChart
    {
        $facts->need(F::FlowLh);
        $curve = self::curve($facts);

        return PumpChart::of(
            self::returns($facts) === 'one-line' ? $curve->beside(2) : $curve,
            Levels::dropM($facts),
            self::line($facts),
            $facts->number(F::FlowLh) / self::lines($facts),
        );
    }

    /**
     * One pump: through the points read from its sheet, or between its two ends.
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function curve(Facts $facts): PumpCurve
    {
        $points = array_map(
            fn (TableRow $r): array => [$r->number('flowLh'), $r->number('headM')],
            $facts->brief->rows('curve'),
        );
        if ($points !== []) {
            return PumpCurve::through($points);
        }
        $facts->need(F::PumpMaxHeadM, F::PumpMaxFlowLh);

        return PumpCurve::parabola($facts->number(F::PumpMaxHeadM), $facts->number(F::PumpMaxFlowLh));
    }

    /**
     * One line to the display, with its outlets and with what is drawn off before it.
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function line(Facts $facts): ReturnLine
    {
        $facts->need(F::ReturnBoreMm, F::ReturnLengthM);
        $outlets = array_map(
            fn (TableRow $r): Pipe => Pipe::of(
                $r->number('boreMm'),
                $r->number('lengthM'),
                $r->number('sumK') + self::EXIT_K,
            ),
            $facts->brief->rows('outlets'),
        );
        $common = Pipe::of(
            $facts->number(F::ReturnBoreMm),
            $facts->number(F::ReturnLengthM),
            $facts->number(F::ReturnSumK) + ($outlets === [] ? self::EXIT_K : 0.0),
        );

        return ReturnLine::of(
            $common,
            $outlets,
            array_sum(array_map(fn (TableRow $r): float => $r->number('flowLh'), $facts->brief->rows('draws'))),
        );
    }

    private static function meeting(Facts $facts, PumpChart $chart, Quantity $flow): Working
    {
        $head = ['h', 'Head where the curves meet, found by trial', $chart->meets->headM, Kind::Height];
        if ($facts->brief->rows('curve') !== []) {
            return Working::of(
                Topic::LABELS['pumpLh'],
                'n*Q',
                [
                    ['n', 'Lines', self::lines($facts), Kind::Count],
                    ['Q', 'Flow where the curves meet, found by trial', $chart->meets->flowLh, Kind::Flow],
                    $head,
                ],
                $flow,
                'B-23: the pump’s points joined by straight lines, against height, friction (Swamee–Jain) and fittings',
            );
        }

        return Working::of(
            Topic::LABELS['pumpLh'],
            'n*Q*sqrt(1 - h/H) - d',
            [
                ['n', 'Pumps', self::pumps($facts), Kind::Count],
                $facts->row('Q', F::PumpMaxFlowLh),
                $head,
                $facts->row('H', F::PumpMaxHeadM),
                ['d', 'Drawn off at the pumps', self::lines($facts) * $chart->drawsLh, Kind::Flow],
            ],
            $flow,
            'B-23: H = Hmax·(1 − (Q/Qmax)²) against height, friction (Swamee–Jain) and fittings',
        );
    }

    private static function speed(Facts $facts, PumpChart $chart, Quantity $speed): ?Working
    {
        return $facts->brief->rows('curve') !== []
            ? null
            : Working::of(
                Topic::LABELS['pumpSpeed'],
                '100*sqrt((h + H*((q + d)/n/Q)**2)/H)',
                [
                    ['n', 'Pumps', self::pumps($facts), Kind::Count],
                    ['h', 'Head the line asks at the planned flow', $chart->plannedHeadM, Kind::Height],
                    $facts->row('H', F::PumpMaxHeadM),
                    $facts->row('q', F::FlowLh),
                    ['d', 'Drawn off at the pumps', self::lines($facts) * $chart->drawsLh, Kind::Flow],
                    $facts->row('Q', F::PumpMaxFlowLh),
                ],
                $speed,
                'B-23: affinity laws',
            );
    }

    private static function outlets(Facts $facts, PumpChart $chart): Figure
    {
        $outlets = [];
        foreach ($facts->brief->rows('outlets') as $i => $row) {
            $outlets[] = Sentence::of(Phrase::WhatMuch, [
                'what' => $row->called('outlet'),
                'much' => Quantity::of($chart->outletsLh[$i] ?? 0.0, Kind::Flow),
            ]);
        }

        return Figure::words(
            'outletsLh',
            Sentence::of(Phrase::FigureTogether, ['n' => (string) count($outlets)]),
            Sentence::listed(Phrase::OneAfterTheOther, ...$outlets),
            $facts->basis(),
        );
    }

    private static function pumps(Facts $facts): int
    {
        return self::returns($facts) === 'one' ? 1 : 2;
    }

    /** Lines up to the display, alike. */
    public static function lines(Facts $facts): int
    {
        return self::returns($facts) === 'two-lines' ? 2 : 1;
    }

    /** One pump unless somebody says otherwise: the usual makes no answer an assumption. */
    public static function returns(Facts $facts): string
    {
        return $facts->brief->has(F::Returns) ? $facts->word(F::Returns) : 'one';
    }
}
