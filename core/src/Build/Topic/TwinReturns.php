<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\DrainSchool;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\HouseRule;
use Velbrin\Core\Build\Levels;
use Velbrin\Core\Build\Phrase;
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
                    what: Sentence::of(Phrase::OnePumpAloneTurnsTheDisplay, $parts),
                    why: Sentence::of(Phrase::BelowHeatAndOxygen, $parts),
                    remedy: Sentence::of(Phrase::StrongerPumpsOrCount),
                    basis: $facts->basis(),
                    working: 'oneOfTwoLh',
                )
                : Finding::of(
                    severity: Severity::Fine,
                    rule: 'B-78',
                    about: 'return',
                    what: Sentence::of(Phrase::OnePumpAloneStillBrings, $parts),
                    why: Sentence::of(Phrase::OfTheDisplay, $parts),
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
                        Sentence::of(Phrase::AStoppedPumpLetsTheOthers),
                        Sentence::of(
                            Phrase::IntoOneLineWithoutAValve,
                        ),
                        Sentence::of(Phrase::ANonReturnValve),
                        $facts->basis(),
                    )
                    : Finding::of(
                        Severity::Watch,
                        'B-78',
                        'return',
                        Sentence::of(Phrase::AStoppedPumpsLineSiphonsBack),
                        Sentence::of(Phrase::UntilItsOutletOrBreak),
                        Sentence::of(Phrase::AWorkingBreakInEachLine),
                        $facts->basis(),
                    );
        }
        if ($facts->knows(F::Drains) && DrainSchool::from($facts->word(F::Drains))->isSiphon()) {
            $findings[] = Finding::of(
                Severity::Watch,
                'B-78',
                'drain',
                Sentence::of(Phrase::OnOnePumpTheFullSiphon),
                Sentence::of(Phrase::ItIsTrimmedForBoth),
                Sentence::of(Phrase::SaySoToWhoeverIsCalled),
                $facts->basis(),
            );
        }

        return new TopicAnswer(
            [
                Figure::number(
                    'oneOfTwoLh',
                    $parts['one'],
                    Sentence::of(Phrase::OfTheDisplayWith, $parts),
                    $facts->basis(),
                ),
            ],
            $findings,
        );
    }
}
