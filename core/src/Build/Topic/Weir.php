<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Overflow;
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
        $rough =
            $weir->crest->isPipe || ($weir->crest->gapsMm === null && $weir->headMm > WeirHead::ROUGH_BELOW_MM)
                ? ''
                : ' The formula is good to about 10 % at this depth.';

        $findings = [
            Finding::of(
                severity: Severity::Fine,
                rule: 'B-21',
                about: 'weir',
                what: Sentence::of('{head} over the weir at {flow}', $parts),
                why: Sentence::of('The water line stands {below} below the rim.'.$rough, $parts),
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
                    Sentence::of('{flow} over the edge', $parts),
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
            $crest->isPipe && $weir->headMm < $crest->lengthMm / 5 => Working::of(
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
                Sentence::of('The edge falls by {fall} from end to end', $parts),
                Sentence::of(
                    $dry
                        ? 'All of it goes over the low end; {dry} of the edge stands dry, and film gathers there. The display '.
                            'runs down to the low end.'
                        : 'More goes over the low end, and the display runs down to it.',
                    $parts,
                ),
                Sentence::of('Level the tank first, then the edge.'),
                $facts->basis(),
            ),
        ];
    }

    /** @return list<Finding> */
    private static function pipe(Overflow $weir, Facts $facts): array
    {
        return $weir->crest->isPipe && $weir->headMm >= $weir->crest->lengthMm / 5
            ? [
                Finding::of(
                    Severity::Watch,
                    'B-79',
                    'weir',
                    Sentence::of('The standpipe runs as a pipe, not as a weir'),
                    Sentence::of(
                        'The water stands more than a fifth of its bore over its rim: it gulps, and the level swings.',
                    ),
                    Sentence::of('A wider standpipe, or less flow.'),
                    $facts->basis(),
                ),
            ]
            : [];
    }
}
