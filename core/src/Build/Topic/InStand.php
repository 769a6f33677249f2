<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Storeys;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** The sump under the stand's brace: can it and what stands in it come in, and out again (X-34). */
final class InStand implements Topic
{
    /** A skimmer cup lifted off over a sump, mm: less is a Watch. */
    private const LIFT_OUT_MM = 250.0;

    public function keys(): array
    {
        return ['sumpLiftMm'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        if (Storeys::isBelow($facts)) {
            return new TopicAnswer([]);
        }
        $facts->need(F::StandInsideMm, F::SumpHeightMm);
        $spare = $facts->number(F::StandInsideMm) - $facts->number(F::SumpHeightMm);
        $parts = [
            'spare' => Quantity::of(abs($spare), Kind::Length),
            'lift' => Quantity::of(self::LIFT_OUT_MM, Kind::Length),
        ];
        $working = Working::of(
            'Room over the sump',
            'i - h',
            [$facts->row('i', F::StandInsideMm), $facts->row('h', F::SumpHeightMm)],
            Quantity::of($spare, Kind::Length),
            'X-34',
        );

        return new TopicAnswer(
            [
                Figure::number(
                    'sumpLiftMm',
                    Quantity::of($spare, Kind::Length),
                    Sentence::of(Phrase::ForACup),
                    $facts->basis(),
                    $working,
                ),
            ],
            [
                match (true) {
                    $spare < 0 => Finding::of(
                        severity: Severity::Fix,
                        rule: 'X-34',
                        about: 'access',
                        what: Sentence::of(Phrase::TheSumpIsTooHigh, $parts),
                        why: Sentence::of(Phrase::ItCannotCome),
                        remedy: Sentence::of(Phrase::ALowerSump, $parts),
                        basis: $facts->basis(),
                        working: 'sumpLiftMm',
                    ),
                    $spare < self::LIFT_OUT_MM => Finding::of(
                        severity: Severity::Watch,
                        rule: 'X-34',
                        about: 'access',
                        what: Sentence::of(Phrase::BetweenSumpAndBrace, $parts),
                        why: Sentence::of(Phrase::ASkimmerCupAndAForearm, $parts),
                        remedy: Sentence::of(Phrase::CheckThatEachDeviceComesOut),
                        basis: $facts->basis(),
                        working: 'sumpLiftMm',
                    ),
                    default => Finding::of(
                        severity: Severity::Fine,
                        rule: 'X-34',
                        about: 'access',
                        what: Sentence::of(Phrase::BetweenSumpAndBrace, $parts),
                        why: Sentence::of(Phrase::CupsAndPumpsComeOutUpwards),
                        remedy: null,
                        basis: $facts->basis(),
                        working: 'sumpLiftMm',
                    ),
                },
            ],
        );
    }
}
