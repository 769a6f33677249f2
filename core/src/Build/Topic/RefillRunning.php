<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;
use Velbrin\Core\Water\Refill;

/** A water change out of the display, refilled into the sump with the return on: how fast at least, and when to shut (W-36). */
final class RefillRunning implements Topic
{
    public function keys(): array
    {
        return ['refillLh', 'shutMin'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        if (! $facts->brief->has(F::RefillLh)) {
            return new TopicAnswer([]);
        }
        $facts->need(F::FlowLh, F::VisitsMonth, F::ChangePct);
        $sump = SumpWater::of($facts);
        $down = PowerCutRoom::downL($facts);
        $missing =
            (Volumes::systemL($facts) * $facts->number(F::ChangePct)) / 100 / max(1.0, $facts->number(F::VisitsMonth));
        $rate = $facts->number(F::RefillLh);
        $refill = Refill::of(
            $facts->number(F::FlowLh),
            $rate,
            $sump->usableReturnL(),
            $missing,
            $sump->spareL(),
            $down,
        );
        $parts = [
            'change' => Quantity::of($missing, Kind::Volume),
            'needs' => Quantity::of(ceil($refill->needsLh), Kind::Flow),
            'rate' => Quantity::of($rate, Kind::Flow),
            'chamber' => Quantity::of($sump->usableReturnL(), Kind::Volume),
            'pump' => Quantity::of(floor($refill->pumpLh ?? $facts->number(F::FlowLh)), Kind::Flow),
            'shut' => Quantity::of($refill->shutAfterMin, Kind::Minutes),
            'weir' => Quantity::of($refill->minutesToWeir, Kind::Minutes),
        ];

        return new TopicAnswer(
            [
                Figure::number(
                    'refillLh',
                    Quantity::of($refill->needsLh, Kind::Flow),
                    Sentence::of('after a change of {change} out of the display', $parts),
                    $facts->basis(),
                    Working::of(
                        Topic::LABELS['refillLh'],
                        'Q*max(0, 1 - v/d)',
                        [
                            $facts->row('Q', F::FlowLh),
                            ['v', 'Usable water in the return chamber', $sump->usableReturnL(), Kind::Volume],
                            ['d', 'Missing below the running level', $missing, Kind::Volume],
                        ],
                        Quantity::of($refill->needsLh, Kind::Flow),
                        'W-36',
                    ),
                ),
                Figure::number(
                    'shutMin',
                    $parts['shut'],
                    Sentence::of('once the display is over its weir; then the sump is as full as a power cut allows'),
                    $facts->basis(),
                    Working::of(
                        Topic::LABELS['shutMin'],
                        '60*max(0, 0.85*s - d)/r',
                        [
                            ['s', 'Spare in the sump', $sump->spareL(), Kind::Volume],
                            ['d', 'Comes down at a power cut', $down, Kind::Volume],
                            $facts->row('r', F::RefillLh),
                        ],
                        $parts['shut'],
                        'W-36',
                    ),
                ),
            ],
            [
                match (true) {
                    ! $refill->holds => Finding::of(
                        severity: Severity::Watch,
                        rule: 'W-36',
                        about: 'sump',
                        what: Sentence::of('Refilled at {rate} with the return on, its chamber runs dry', $parts),
                        why: Sentence::of(
                            'It holds {chamber}; a change of {change} is missing above, and the pump takes all of it before the weir runs.',
                            $parts,
                        ),
                        remedy: Sentence::of(
                            'Set the pump to {pump} for the refill, or bring {needs}, or pour it into the display.',
                            $parts,
                        ),
                        basis: $facts->basis(),
                        working: 'refillLh',
                    ),
                    $refill->shutAfterMin <= 0 => Finding::of(
                        severity: Severity::Fix,
                        rule: 'W-36',
                        about: 'sump',
                        what: Sentence::of('No room for a refill above the running level'),
                        why: Sentence::of('What comes down at a power cut takes all of the spare.'),
                        remedy: Sentence::of('Stop refilling at the running level; see the power cut.'),
                        basis: $facts->basis(),
                        working: 'shutMin',
                    ),
                    default => Finding::of(
                        severity: Severity::Fine,
                        rule: 'W-36',
                        about: 'sump',
                        what: Sentence::of('A change of {change} is refilled with the return on', $parts),
                        why: Sentence::of('Shut the valve at the latest {shut} after the weir runs.', $parts),
                        remedy: null,
                        basis: $facts->basis(),
                        working: 'refillLh',
                    ),
                },
            ],
        );
    }
}
