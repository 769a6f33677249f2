<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\OtherVessels;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;
use Velbrin\Core\Vessel\VesselVolume;

/** Litres, sand, salt and turnover (W-1 … W-5, W-53). */
final class Volumes implements Topic
{
    /** A label further off than this is worth saying. */
    private const LABEL_GAP_PCT = 10.0;

    public function keys(): array
    {
        return ['displayGrossL', 'displayNetL', 'systemL', 'labelGap', 'sandKg', 'saltKg', 'turnover'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $display = DisplayTank::of($facts);
        $volume = $display->volume($facts);
        $sump = SumpWater::isDescribed($facts) ? SumpWater::of($facts) : null;
        $pipes = $sump === null ? 0.0 : $facts->number(F::PipesL);
        $system = self::systemL($facts);
        $others = OtherVessels::litres($facts);
        $net = Working::of(
            'Display, net',
            'A*h - rock/2.8 - A*sand*(1 - 0.42)',
            [
                ['A', 'Inside area', $volume->footprintM2, Kind::Area],
                ['h', 'Water depth', $volume->waterHeightMm, Kind::Length],
                $facts->row('rock', F::RockKg),
                $facts->row('sand', F::SandDepthMm),
            ],
            Quantity::of($volume->netL, Kind::Volume),
            'W-3: rock displaces its grain volume, sand 58 % of its bulk',
        );
        $figures = [
            Figure::number(
                'displayGrossL',
                Quantity::of($volume->grossL, Kind::Volume),
                Sentence::of(Phrase::ToBelowTheRim, [
                    'below' => Quantity::of($display->runningBelowRimMm, Kind::Length),
                ]),
                $facts->basis(),
                Working::of(
                    'Display, gross',
                    'A*h',
                    [
                        ['A', 'Inside area', $volume->footprintM2, Kind::Area],
                        ['h', 'Water depth', $volume->waterHeightMm, Kind::Length],
                    ],
                    Quantity::of($volume->grossL, Kind::Volume),
                    'W-1, W-2: inside volume to the water line',
                ),
            ),
            Figure::number('displayNetL', Quantity::of($volume->netL, Kind::Volume), null, $facts->basis(), $net),
            self::whole($facts, $volume, $sump, $pipes, $others),
        ];
        $findings = [];
        if ($facts->knows(F::LabelL)) {
            $label = $facts->numberOrNone(F::LabelL);
            if ($label !== null) {
                [$figures[], $gap] = self::labelGap($facts, $label, $volume);
                $findings[] = $gap;
            }
        } else {
            $figures[] = Figure::waiting('labelGap', [F::LabelL->value]);
        }
        $salt = ((($system * $facts->number(F::MixGramsPerL)) / 1000) * $facts->number(F::Salinity)) / 35;
        $figures[] = Figure::number(
            'sandKg',
            Quantity::of($volume->sandKg, Kind::Mass),
            Sentence::of(Phrase::DryDeep, ['depth' => Quantity::of($facts->number(F::SandDepthMm), Kind::Length)]),
            $facts->basis(),
            Working::of(
                'Sand',
                'A*sand*1.5',
                [['A', 'Inside area', $volume->footprintM2, Kind::Area], $facts->row('sand', F::SandDepthMm)],
                Quantity::of($volume->sandKg, Kind::Mass),
                'W-4: dry aragonite, 1.5 kg/L in bulk',
            ),
        );
        $figures[] = Figure::number(
            'saltKg',
            Quantity::of($salt, Kind::Mass),
            null,
            $facts->basis(),
            Working::of(
                'Salt for the first fill',
                'V*mix/1000*S/35',
                [
                    ['V', 'True water volume', $system, Kind::Volume],
                    $facts->row('mix', F::MixGramsPerL),
                    $facts->row('S', F::Salinity),
                ],
                Quantity::of($salt, Kind::Mass),
                'W-53: litres × grams a litre of the mix',
            ),
        );
        if ($facts->knows(F::FlowLh)) {
            $turnover = $facts->number(F::FlowLh) / $volume->netL;
            $figures[] = Figure::number(
                'turnover',
                Quantity::of($turnover, Kind::Turnover),
                Sentence::of(Phrase::SlowSumpSchoolsRun3),
                $facts->basis(),
                Working::of(
                    'Turnover of the display',
                    'Q/V',
                    [$facts->row('Q', F::FlowLh), ['V', 'Display, net', $volume->netL, Kind::Volume]],
                    Quantity::of($turnover, Kind::Turnover),
                    'B-23',
                ),
            );
        } else {
            $figures[] = Figure::waiting('turnover', [F::FlowLh->value]);
        }

        return new TopicAnswer($figures, $findings);
    }

    private static function whole(
        Facts $facts,
        VesselVolume $volume,
        ?SumpWater $sump,
        float $pipes,
        float $others,
    ): Figure {
        $measured = $facts->brief->record?->measuredL;
        $computed = Quantity::of(self::computedL($facts), Kind::Volume);
        if ($measured !== null) {
            $note = Sentence::of(Phrase::MeasuredItsSizesGive, ['computed' => $computed]);

            return Figure::number('systemL', Quantity::of($measured, Kind::Volume), $note, Basis::Measured);
        }
        $of = match (true) {
            $sump === null => $others > 0
                ? Phrase::DisplayOnlyNoSumpDescribedYet
                : Phrase::DisplayOnlyNoSumpDescribedYet2,
            default => $others > 0 ? Phrase::DisplaySumpAndPipesAndOther : Phrase::DisplaySumpAndPipes,
        };
        $working = Working::of(
            'True water volume',
            $others > 0 ? 'display + sump + pipes + others' : 'display + sump + pipes',
            [
                ['display', 'Display, net', $volume->netL, Kind::Volume],
                ['sump', 'Sump at its running levels', $sump?->waterL() ?? 0.0, Kind::Volume],
                ['pipes', 'Pipes and overflow box', $pipes, Kind::Volume],
                ...$others > 0 ? [['others', 'Other vessels', $others, Kind::Volume]] : [],
            ],
            $computed,
            'W-5: sum of the vessels at their running level and the pipework',
        );

        return Figure::number('systemL', $computed, Sentence::of($of), $facts->basis(), $working);
    }

    /** Volume of the whole system with every further vessel: the measured one where it was measured (W-6). */
    public static function systemL(Facts $facts): float
    {
        return $facts->brief->record->measuredL ?? self::computedL($facts);
    }

    private static function computedL(Facts $facts): float
    {
        return self::standL($facts) + OtherVessels::litres($facts);
    }

    /** What display, sump and pipes hold: the display alone while no sump is described. */
    public static function standL(Facts $facts): float
    {
        $display = self::displayL($facts);

        return SumpWater::isDescribed($facts)
            ? $display + SumpWater::of($facts)->waterL() + $facts->number(F::PipesL)
            : $display;
    }

    /** Net water of the display. */
    public static function displayL(Facts $facts): float
    {
        return DisplayTank::of($facts)->volume($facts)->netL;
    }

    /** @return array{0: Figure, 1: Finding} */
    private static function labelGap(Facts $facts, float $label, VesselVolume $volume): array
    {
        $gap = (100 * ($label - $volume->netL)) / $label;
        $parts = [
            'label' => Quantity::of($label, Kind::Volume),
            'net' => Quantity::of($volume->netL, Kind::Volume),
            'gap' => Quantity::of(abs($gap), Kind::Percent),
        ];
        $working = Working::of(
            'Against the label',
            '100*(label - net)/label',
            [$facts->row('label', F::LabelL), ['net', 'Display, net', $volume->netL, Kind::Volume]],
            Quantity::of($gap, Kind::Percent),
            'W-5, X-1',
        );
        $far = abs($gap) > self::LABEL_GAP_PCT;

        return [
            Figure::number(
                'labelGap',
                Quantity::of($gap, Kind::Percent),
                Sentence::of($gap >= 0 ? Phrase::LessWaterThanTheLabelSays : Phrase::MoreWaterThanTheLabelSays),
                $facts->basis(),
                $working,
            ),
            Finding::of(
                severity: $far ? Severity::Watch : Severity::Fine,
                rule: 'X-1',
                about: 'display',
                what: Sentence::of(
                    $far
                        ? Phrase::LabelSaysTheDisplayHolds
                        : Phrase::LabelAndSizesAgree,
                    $parts,
                ),
                why: Sentence::of(
                    $far
                        ? Phrase::DosesAndHeatersFigured
                        : Phrase::TheLabelIsOff,
                    $parts,
                ),
                remedy: $far ? Sentence::of(Phrase::UseForEveryDose, $parts) : null,
                basis: $facts->basis(),
                working: 'labelGap',
            ),
        ];
    }
}
