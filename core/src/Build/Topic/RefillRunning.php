<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Phrase;
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
                    Sentence::of(Phrase::AfterAChangeOfOut, $parts),
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
                    Sentence::of(Phrase::OnceTheDisplayIsOver),
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
                        what: Sentence::of(Phrase::RefilledAtWithTheReturn, $parts),
                        why: Sentence::of(
                            Phrase::ItHoldsAChange,
                            $parts,
                        ),
                        remedy: Sentence::of(
                            Phrase::SetThePump,
                            $parts,
                        ),
                        basis: $facts->basis(),
                        working: 'refillLh',
                    ),
                    $refill->shutAfterMin <= 0 => Finding::of(
                        severity: Severity::Fix,
                        rule: 'W-36',
                        about: 'sump',
                        what: Sentence::of(Phrase::NoRoomForARefillAbove),
                        why: Sentence::of(Phrase::WhatComesDownAtAPower),
                        remedy: Sentence::of(Phrase::StopRefillingAtTheRunningLevel),
                        basis: $facts->basis(),
                        working: 'shutMin',
                    ),
                    default => Finding::of(
                        severity: Severity::Fine,
                        rule: 'W-36',
                        about: 'sump',
                        what: Sentence::of(Phrase::AChangeOfIsRefilled, $parts),
                        why: Sentence::of(Phrase::ShutTheValveAtTheLatest, $parts),
                        remedy: null,
                        basis: $facts->basis(),
                        working: 'refillLh',
                    ),
                },
            ],
        );
    }
}
