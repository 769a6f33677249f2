<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\DrainSchool;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\HouseRule;
use Velbrin\Core\Build\Levels;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Hydraulics\ReturnFlow;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** Two return pumps: what one alone still brings, what runs back through the stopped one, how the drain behaves then (B-78). */
final class TwinReturns implements Topic
{
    public function keys(): array
    {
        return ['oneOfTwoLh'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $returns = ReturnPump::returns($facts);
        if ($returns === 'one') {
            return new TopicAnswer([]);
        }
        $one = ReturnFlow::meet(ReturnPump::curve($facts), Levels::dropM($facts), ReturnPump::line($facts))->flowLh;
        $times = $one / DisplayTank::of($facts)->volume($facts)->netL;
        $parts = [
            'one' => Quantity::of($one, Kind::Flow),
            'times' => Quantity::of($times, Kind::Turnover),
            'least' => Quantity::of($facts->brief->limit(HouseRule::OnePumpTimes), Kind::Turnover),
        ];
        $findings = [
            $times < $facts->brief->limit(HouseRule::OnePumpTimes)
                ? Finding::of(
                    severity: Severity::Watch,
                    rule: 'B-78',
                    about: 'return',
                    what: Sentence::of('One pump alone turns the display {times}', $parts),
                    why: Sentence::of('Below {least} heat and oxygen of the sump reach it too slowly.', $parts),
                    remedy: Sentence::of('Stronger pumps, or count on the stream pumps and a heater in the display.'),
                    basis: $facts->basis(),
                    working: 'oneOfTwoLh',
                )
                : Finding::of(
                    severity: Severity::Fine,
                    rule: 'B-78',
                    about: 'return',
                    what: Sentence::of('One pump alone still brings {one}', $parts),
                    why: Sentence::of('{times} of the display.', $parts),
                    remedy: null,
                    basis: $facts->basis(),
                    working: 'oneOfTwoLh',
                ),
        ];
        if ($facts->word(F::NonReturn) === 'no') {
            $findings[] =
                $returns === 'one-line'
                    ? Finding::of(
                        Severity::Fix,
                        'B-78',
                        'return',
                        Sentence::of('A stopped pump lets the other’s flow run back'),
                        Sentence::of(
                            'Into one line without a valve of its own it is a hole in the sump end: little reaches the display.',
                        ),
                        Sentence::of('A non-return valve at each pump, and a union to clean it.'),
                        $facts->basis(),
                    )
                    : Finding::of(
                        Severity::Watch,
                        'B-78',
                        'return',
                        Sentence::of('A stopped pump’s line siphons back while the other runs'),
                        Sentence::of('Until its outlet or break is free, as in a power cut.'),
                        Sentence::of('A working break in each line, or a non-return valve at each pump.'),
                        $facts->basis(),
                    );
        }
        if ($facts->knows(F::Drains) && DrainSchool::from($facts->word(F::Drains))->isSiphon()) {
            $findings[] = Finding::of(
                Severity::Watch,
                'B-78',
                'drain',
                Sentence::of('On one pump the full siphon breaks and gulps'),
                Sentence::of('It is trimmed for both. The level swings and it is loud, until somebody trims it.'),
                Sentence::of('Say so to whoever is called; an open channel beside it takes the swing.'),
                $facts->basis(),
            );
        }

        return new TopicAnswer(
            [
                Figure::number(
                    'oneOfTwoLh',
                    $parts['one'],
                    Sentence::of('{times} of the display, with the other stopped', $parts),
                    $facts->basis(),
                ),
            ],
            $findings,
        );
    }
}
