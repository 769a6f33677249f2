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
use Velbrin\Core\Power\Load;
use Velbrin\Core\Power\PowerTree;

/** What a generator must give while the mains are out, and what it burns (R-45). */
final class Outage implements Topic
{
    /** Run at no more than this share of its rating. */
    private const SHARE = 0.8;

    /** A motor draws this many times its running watts for a moment. */
    private const MOTOR_START = 3.0;

    public function keys(): array
    {
        return ['generatorW'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $facts->need(F::PumpsW, F::WinterC, F::SummerC, F::LightsW);
        $tree = PluggedIn::tree($facts);
        if ($tree !== null) {
            return self::plugByPlug($facts, $tree);
        }
        $heaters = Warmth::heatersW($facts);
        $running = $facts->number(F::PumpsW) + $heaters;
        $surge = (self::MOTOR_START - 1) * $facts->number(F::PumpsW);
        $watts = Quantity::of(($running + $surge) / self::SHARE, Kind::Power);
        $fuel = Quantity::of((PowerTree::FUEL_L_KWH * $running * 24) / 1000, Kind::DailyVolume);

        return new TopicAnswer(
            [
                Figure::number(
                    'generatorW',
                    $watts,
                    Sentence::of(
                        Phrase::AllPumpsCountedAsOneStart,
                        ['fuel' => $fuel],
                    ),
                    $facts->basis(),
                    Working::of(
                        Topic::LABELS['generatorW'],
                        '(p + h + 2*p)/0.8',
                        [$facts->row('p', F::PumpsW), ['h', 'Heaters, first choice, all on', $heaters, Kind::Power]],
                        $watts,
                        'R-45: running watts and the largest start, over 0.8',
                    ),
                ),
            ],
            [
                Finding::of(
                    Severity::Fine,
                    'R-45',
                    'power',
                    Sentence::of(Phrase::WithoutMainsPumpsAndHeatersFirst),
                    Sentence::of(
                        Phrase::LightsSkimmerAndUVCanWait,
                    ),
                    null,
                    $facts->basis(),
                ),
            ],
        );
    }

    /** What is kept and what must stop, named (R-45). */
    private static function plugByPlug(Facts $facts, PowerTree $tree): TopicAnswer
    {
        $names = fn (string $fate): string => implode(
            ', ',
            array_map(
                fn (Load $l): string => $l->name,
                array_values(array_filter($tree->loads(), fn (Load $l): bool => $l->onOutage === $fate)),
            ),
        ) ?:
        'nothing';
        $watts = Quantity::of($tree->generatorW(), Kind::Power);
        $parts = [
            'fuel' => Quantity::of((PowerTree::FUEL_L_KWH * $tree->keptW() * 24) / 1000, Kind::DailyVolume),
            'kept' => $names('essential'),
            'waits' => $names('deferrable'),
            'stops' => $names('must-stop'),
        ];
        $surge = $tree->generatorW() * PowerTree::ALL_DAY - $tree->keptW();

        return new TopicAnswer(
            [
                Figure::number(
                    'generatorW',
                    $watts,
                    Sentence::of(
                        Phrase::WhatIsKept,
                        $parts,
                    ),
                    $facts->basis(),
                    Working::of(
                        Topic::LABELS['generatorW'],
                        '(k + s)/0.8',
                        [
                            ['k', 'Kept without mains', $tree->keptW(), Kind::Power],
                            ['s', 'Largest single start, over its running watts', $surge, Kind::Power],
                        ],
                        $watts,
                        'R-45: running watts and the largest start, over 0.8',
                    ),
                ),
            ],
            [
                Finding::of(
                    Severity::Fine,
                    'R-45',
                    'power',
                    Sentence::of(Phrase::WithoutMainsTheseAreKept, $parts),
                    Sentence::of(
                        Phrase::CanWaitMustStopUntil,
                        $parts,
                    ),
                    null,
                    $facts->basis(),
                ),
            ],
        );
    }
}
