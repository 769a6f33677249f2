<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\FilledWays;
use Velbrin\Core\Build\HouseRule;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\TableRow;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/**
 * Each hole passes its largest plug, is filled by no more than the house allows, has its edge bushed, and every lead reaches with
 * a drip loop (B-81).
 */
final class CableWays implements Topic
{
    public function keys(): array
    {
        return ['cableWays'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $ways = $facts->brief->rows('ways');
        if ($ways === []) {
            return new TopicAnswer([]);
        }
        $findings = array_merge(...array_map(fn (TableRow $w): array => self::of($w, $facts), $ways));
        $fullest = max(array_map(self::fill(...), $ways));
        if ($findings === []) {
            $findings[] = Finding::of(
                Severity::Fine,
                'B-81',
                'power',
                Sentence::of(Phrase::EveryPlugPassesAndEveryLead),
                Sentence::of(
                    Phrase::DrillAllOfThem,
                ),
                null,
                $facts->basis(),
            );
        }
        $n = count($ways);

        return new TopicAnswer(
            [
                Figure::words(
                    'cableWays',
                    Sentence::of(Phrase::FigureHoles, ['n' => (string) $n]),
                    Sentence::of(Phrase::TheFullestIsFilledBy, [
                        'full' => Quantity::of(100 * $fullest, Kind::Percent),
                    ]),
                    $facts->basis(),
                ),
            ],
            $findings,
            new FilledWays(
                array_map(
                    fn (TableRow $w): array => [
                        'row' => $w->row,
                        'fillPct' => 100 * self::fill($w),
                        'isOver' => 100 * self::fill($w) > $facts->brief->limit(HouseRule::CableFillPct),
                    ],
                    $ways,
                ),
            ),
        );
    }

    /** Share of the hole its cables fill. */
    public static function fill(TableRow $way): float
    {
        return $way->number('cables') * ($way->number('cableMm') / $way->number('holeMm')) ** 2;
    }

    /** @return list<Finding> */
    private static function of(TableRow $way, Facts $facts): array
    {
        $fill = self::fill($way);
        [$full, $loop] = [
            $facts->brief->limit(HouseRule::CableFillPct) / 100,
            $facts->brief->limit(HouseRule::DripLoopMm),
        ];
        $lacks = $way->number('runMm') + $loop - $way->number('leadMm');
        $parts = [
            'name' => $way->called('cable way'),
            'full' => Quantity::of(100 * $fill, Kind::Percent),
            'most' => Quantity::of(100 * $full, Kind::Percent),
            ...array_map(fn (float $l): Quantity => Quantity::of($l, Kind::Length), [
                'hole' => $way->number('holeMm'),
                'plug' => $way->number('plugMm'),
                'lacks' => max(0.0, $lacks),
                'loop' => $loop,
                'wide' => ceil($way->number('cableMm') * sqrt($way->number('cables') / $full)),
            ]),
        ];
        $fix = fn (Phrase $what, Phrase $why, Phrase $remedy): Finding => Finding::of(
            Severity::Fix,
            'B-81',
            'power',
            Sentence::of($what, $parts),
            Sentence::of($why, $parts),
            Sentence::of($remedy, $parts),
            $facts->basis(),
        );

        return [
            ...$way->number('plugMm') > $way->number('holeMm')
                ? [
                    $fix(
                        Phrase::ThePlugOfDoesNotPass,
                        Phrase::APlugIsNeverCutOff,
                        Phrase::AHoleOfOrMore,
                    ),
                ]
                : [],
            ...$fill > $full
                ? [
                    $fix(
                        Phrase::WouldBeFilledBy,
                        Phrase::OverCablesArePulledOver,
                        Phrase::AHoleOfOrASecond,
                    ),
                ]
                : [],
            ...$lacks > 0
                ? [
                    $fix(
                        Phrase::TheShortestLeadLacks,
                        Phrase::WayAndADripLoop,
                        Phrase::TheOutletNearer,
                    ),
                ]
                : [],
            ...! $way->flag('bushed')
                ? [
                    $fix(
                        Phrase::ItsEdgeIsNotBushed,
                        Phrase::ASawnEdgeCutsIntoCables,
                        Phrase::ABushOrAGrommet,
                    ),
                ]
                : [],
        ];
    }
}
