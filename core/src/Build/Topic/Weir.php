<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Overflow;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Hydraulics\WeirHead;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** Water over the weir and the running level (B-21). */
final class Weir implements Topic
{
    public function keys(): array
    {
        return ['weirHeadMm', 'runningBelowRimMm'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $weir = Overflow::of($facts);
        $head = Quantity::of($weir->headMm, Kind::Length);
        $below = Quantity::of($weir->runningBelowRimMm, Kind::Length);
        $parts = ['head' => $head, 'flow' => Quantity::of($facts->number(F::FlowLh), Kind::Flow), 'below' => $below];
        $working = self::working($facts, $weir, $head);
        $line = Sentence::of(Phrase::TheWaterLineStandsBelow, $parts);
        $isFine = $weir->crest->isPipe || ($weir->crest->gapsMm === null && $weir->headMm > WeirHead::ROUGH_BELOW_MM);

        $findings = [
            Finding::of(
                severity: Severity::Fine,
                rule: 'B-21',
                about: 'weir',
                what: Sentence::of(Phrase::OverTheWeirAt, $parts),
                why: $isFine
                    ? $line
                    : Sentence::joined($line, Sentence::of(Phrase::TheFormulaIsGoodToAbout)),
                remedy: null,
                basis: $facts->basis(),
                working: 'weirHeadMm',
            ),
        ];
        array_push($findings, ...self::tilted($weir, $facts), ...self::pipe($weir, $facts));

        return new TopicAnswer(
            [
                Figure::number(
                    'weirHeadMm',
                    $head,
                    Sentence::of(Phrase::OverTheEdge, $parts),
                    $facts->basis(),
                    $working,
                ),
                Figure::number(
                    'runningBelowRimMm',
                    $below,
                    null,
                    $facts->basis(),
                    Working::of(
                        'Water line below the rim',
                        'e - h',
                        [
                            ['e', 'Lowest point of the edge below the rim', $weir->edgeBelowRimMm, Kind::Length],
                            ['h', 'Water over the weir', $weir->headMm, Kind::Length],
                        ],
                        $below,
                        'W-2: weir edge and head',
                    ),
                ),
            ],
            $findings,
        );
    }

    /** The head is the root of the weir's formula: at the root the formula gives the head back. */
    private static function working(Facts $facts, Overflow $weir, Quantity $head): Working
    {
        $crest = $weir->crest;
        $flow = $facts->row('Q', F::FlowLh);

        return match (true) {
            $crest->isPipe && ! $crest->runsAsPipe($weir->headMm) => Working::of(
                'Water over the weir',
                '1000*(Q/3600000/(1.84*pi*D/1000))**(2/3)',
                [$flow, $facts->row('D', F::StandpipeMm)],
                $head,
                'B-79: a standpipe’s rim as a circular weir, B-21 with L = πD and no contraction',
            ),
            $crest->isPipe => Working::of(
                'Water over the weir',
                $weir->headMm <= $crest->lengthMm / 2 ? '(7500*Q/3600/D)**(2/3)' : '(15000*Q/3600/D**2)**2',
                [$flow, $facts->row('D', F::StandpipeMm)],
                $head,
                'B-79: deeper than a fifth of the bore the pipe governs, B-22',
            ),
            $crest->fallMm > 0 => Working::of(
                'Water over the weir',
                'h',
                [
                    ['h', 'Found by trial: the flow along the edge, summed', $weir->headMm, Kind::Length],
                    $flow,
                    $facts->row('L', F::WeirLengthMm),
                    $facts->row('s', F::WeirTiltMmM),
                ],
                $head,
                'B-79: B-21 integrated along an edge out of level; over its lower end',
            ),
            $crest->gapsMm !== null => Working::of(
                'Water over the weir',
                '1000*(Q/3600000/(1.75*g/1000))**(2/3)',
                [$flow, $facts->row('g', F::WeirGapsMm)],
                $head,
                'B-21: teeth, Q = 1.75·Σgaps·h^1.5 (Kindsvater–Carter)',
            ),
            default => Working::of(
                'Water over the weir',
                '1000*(Q/3600000/(1.84*(L/1000 - 0.2*h/1000)))**(2/3)',
                [
                    $flow,
                    $facts->row('L', F::WeirLengthMm),
                    ['h', 'The head itself, found by trial', $weir->headMm, Kind::Length],
                ],
                $head,
                'B-21: Francis, Q = 1.84·(L − 0.2·h)·h^1.5, plain edge with two end contractions',
            ),
        };
    }

    /** @return list<Finding> */
    private static function tilted(Overflow $weir, Facts $facts): array
    {
        if ($weir->crest->fallMm <= 0) {
            return [];
        }
        $parts = [
            'fall' => Quantity::of($weir->crest->fallMm, Kind::Length),
            'dry' => Quantity::of(100 * max(0.0, 1 - $weir->headMm / $weir->crest->fallMm), Kind::Percent),
        ];
        $dry = $weir->headMm < $weir->crest->fallMm;

        return [
            Finding::of(
                $dry ? Severity::Fix : Severity::Watch,
                'B-79',
                'weir',
                Sentence::of(Phrase::TheEdgeFallsByFromEnd, $parts),
                Sentence::of(
                    $dry
                        ? Phrase::AllOfItGoesOver
                        : Phrase::MoreGoesOverTheLowEnd,
                    $parts,
                ),
                Sentence::of(Phrase::LevelTheTankFirst),
                $facts->basis(),
            ),
        ];
    }

    /** @return list<Finding> */
    private static function pipe(Overflow $weir, Facts $facts): array
    {
        return $weir->crest->runsAsPipe($weir->headMm)
            ? [
                Finding::of(
                    Severity::Watch,
                    'B-79',
                    'weir',
                    Sentence::of(Phrase::TheStandpipeRunsAsAPipe),
                    Sentence::of(
                        Phrase::TheWaterStandsMore,
                    ),
                    Sentence::of(Phrase::AWiderStandpipe),
                    $facts->basis(),
                ),
            ]
            : [];
    }
}
