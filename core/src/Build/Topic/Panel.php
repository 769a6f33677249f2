<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Asks;
use Velbrin\Core\Build\Check;
use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\PanelStress;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;
use Velbrin\Core\Vessel\Filled;
use Velbrin\Core\Vessel\Vessel;

/**
 * The longest flat pane, filled to the rim, and the stand under it (B-13). Acrylic, curved and long rimless panes are the maker's
 * to judge.
 */
final class Panel implements Asks, Topic
{
    private const ACRYLIC_YEARS = 10.0;

    public function keys(): array
    {
        return ['panelFactor'];
    }

    public static function checks(): array
    {
        return [
            Check::safety('B-13.panes', 'panel', Phrase::DoThePanesHoldTheWater, self::panes(...)),
            Check::safety('B-13.stand', 'panel', Phrase::IsTheStandSound, self::stand(...)),
        ];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $vessel = DisplayTank::vessel($facts);
        $because = match (true) {
            self::isAcrylic($facts) => Phrase::AcrylicIsNotComputed,
            $vessel->footprint instanceof Filled => Phrase::ItsPanesAreNotKnown,
            $vessel->footprint->longestPaneMm() === null => Phrase::CurvedPanesAreNotComputed,
            default => null,
        };
        if ($because !== null) {
            return new TopicAnswer([
                Figure::words('panelFactor', Phrase::FigureAskTheMaker, Sentence::of($because), $facts->basis()),
            ]);
        }
        $facts->given(F::WallMm);
        if (self::isBeyondTheTable($facts, $vessel)) {
            $note = Sentence::of(Phrase::RimlessAndLongerThan2);

            return new TopicAnswer([
                Figure::words('panelFactor', Phrase::FigureAskTheMakerOrAnEngineer, $note, $facts->basis()),
            ]);
        }

        return new TopicAnswer([self::figure($facts, $vessel)]);
    }

    private static function figure(Facts $facts, Vessel $vessel): Figure
    {
        $stress = self::stress($facts, $vessel);
        $factor = $stress->factor();
        $parts = [
            'stress' => Quantity::of($stress->stressMpa, Kind::Stress),
            'thickness' => Quantity::of($facts->number(F::WallMm), Kind::Length),
        ];
        $working = Working::of(
            'Longest pane, safety factor',
            '19.2/(b*1e-5*H**3/t**2)',
            [
                ['b', 'β from the table, length over height', $stress->beta, Kind::Factor],
                ['H', 'Inside height to the rim', $vessel->insideHeightMm(), Kind::Length],
                $facts->row('t', F::WallMm),
            ],
            $factor,
            'B-13: simply supported plate under hydrostatic load (Roark), annealed float 19.2 MPa',
        );

        return Figure::number(
            'panelFactor',
            $factor,
            Sentence::of(Phrase::InGlassFilledToTheRim, $parts),
            $facts->basis(),
            $working,
        );
    }

    /**
     * @return list<Finding>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function panes(Facts $facts): array
    {
        $vessel = DisplayTank::vessel($facts);
        if (self::isAcrylic($facts)) {
            $why = Phrase::AcrylicCreepsAndCrazesWithAge;

            return [
                self::askMaker('acrylic', Phrase::AcrylicPanesAreNotComputedHere, $why, Severity::Watch, $facts),
                ...self::acrylic($facts),
            ];
        }
        if ($vessel->footprint instanceof Filled) {
            $what = Phrase::ThePanesOfAFormMeasured;

            $why = Phrase::OnlyItsLitresAndTheBox;

            return [self::askMaker('filled', $what, $why, Severity::Watch, $facts)];
        }
        $findings = $vessel->footprint->hasCurvedPane()
            ? [
                self::askMaker(
                    'curved',
                    Phrase::TheCurvedPaneIsNotComputed,
                    Phrase::TheTableOfPlatesHolds,
                    Severity::Watch,
                    $facts,
                ),
            ]
            : [];
        if ($vessel->footprint->longestPaneMm() === null) {
            return $findings;
        }
        $facts->given(F::WallMm);
        if (self::isBeyondTheTable($facts, $vessel)) {
            $why =
                Phrase::AFreeTopEdgeLonger;

            return [
                ...$findings,
                self::askMaker('long', Phrase::ARimlessPaneThisLong, $why, Severity::Fix, $facts),
            ];
        }

        return [...$findings, self::judged($facts, $vessel)];
    }

    private static function judged(Facts $facts, Vessel $vessel): Finding
    {
        $stress = self::stress($facts, $vessel);
        $thickness = $facts->number(F::WallMm);
        $severity = $stress->severity();
        $wanted = ceil($thickness * sqrt(PanelStress::ASK_BELOW / $stress->safetyFactor));
        $parts = [
            'factor' => $stress->factor(),
            'stress' => Quantity::of($stress->stressMpa, Kind::Stress),
            'thickness' => Quantity::of($thickness, Kind::Length),
            'wanted' => Quantity::of($wanted, Kind::Length),
            'length' => Quantity::of((float) $vessel->footprint->longestPaneMm(), Kind::Length),
            'height' => Quantity::of($vessel->insideHeightMm(), Kind::Length),
            'ask' => Quantity::of(PanelStress::ASK_BELOW, Kind::Factor),
        ];
        $stressed = Sentence::of(Phrase::FilledToTheRim, $parts);
        $remedy = match ($severity) {
            Severity::Stop => Phrase::DoNotFill,
            Severity::Fix => Phrase::AskTheMakerInWriting,
            default => null,
        };

        return Finding::of(
            severity: $severity,
            rule: 'B-13',
            about: 'panel',
            what: Sentence::of(Phrase::LongestPaneHasASafetyFactor, $parts),
            why: $facts->word(F::Bracing) === 'unknown'
                ? Sentence::joined($stressed, Sentence::of(Phrase::BracingUnknownCountedAsRimless))
                : $stressed,
            remedy: $remedy === null ? null : Sentence::of($remedy, $parts),
            basis: $facts->basis(),
            working: 'panelFactor',
        );
    }

    private static function stress(Facts $facts, Vessel $vessel): PanelStress
    {
        $pane = (float) $vessel->footprint->longestPaneMm();
        $isBraced = $facts->word(F::Bracing) === 'braced';

        return PanelStress::of($pane, $vessel->insideHeightMm(), $facts->given(F::WallMm), $isBraced);
    }

    private static function isAcrylic(Facts $facts): bool
    {
        return $facts->word(F::Material) === 'acrylic';
    }

    private static function isBeyondTheTable(Facts $facts, Vessel $vessel): bool
    {
        $isFree = $facts->word(F::Bracing) !== 'braced';

        return $isFree && $vessel->footprint->longestPaneMm() > PanelStress::LONGEST_FREE * $vessel->insideHeightMm();
    }

    /**
     * What is seen of acrylic without a sum (B-13).
     *
     * @return list<Finding>
     */
    private static function acrylic(Facts $facts): array
    {
        $found = [];
        if ($facts->brief->has(F::TankYears) && $facts->number(F::TankYears) > self::ACRYLIC_YEARS) {
            $why = Phrase::ItHasCreptUnderItsLoad;
            $found[] = self::askMaker('older', Phrase::TheAcrylicIsOlderThanTen, $why, Severity::Watch, $facts);
        }
        if ($facts->brief->has(F::Crazing) && $facts->word(F::Crazing) === 'yes') {
            $why = Phrase::FineCracksAlongEdgesAndFittings;
            $found[] = self::askMaker('crazed', Phrase::TheAcrylicIsCrazed, $why, Severity::Fix, $facts);
        }

        return $found;
    }

    /**
     * A stand is looked over, not computed: a crack is a Stop (B-13).
     *
     * @return list<Finding>
     *
     * @throws Missing
     */
    private static function stand(Facts $facts): array
    {
        [$severity, $what, $why, $remedy] = match ($facts->word(F::StandState)) {
            'cracked' => [
                Severity::Stop,
                Phrase::TheStandIsCracked,
                Phrase::WhatCarriesTheTankHasBegun,
                Phrase::AnotherStandNoRepairIsJudged,
            ],
            'weathered' => [
                Severity::Watch,
                Phrase::TheStandIsOldOrWeathered,
                Phrase::SwollenBoardRustUnderPaint,
                Phrase::LoadItWithWaterOutdoorsFirst,
            ],
            default => [
                Severity::Fine,
                Phrase::TheStandIsNew,
                Phrase::JointsWeldsAndFeetFromBelow,
                null,
            ],
        };

        return [
            Finding::of(
                $severity,
                'B-13',
                'panel',
                Sentence::of($what),
                Sentence::of($why),
                $remedy === null ? null : Sentence::of($remedy),
                $facts->basis(),
            ),
        ];
    }

    private static function askMaker(
        string $subject,
        Phrase $what,
        Phrase $why,
        Severity $severity,
        Facts $facts,
    ): Finding {
        $remedy = Sentence::of(Phrase::AskTheMakerForThePanes);

        return Finding::of(
            $severity,
            'B-13',
            'panel',
            Sentence::of($what),
            Sentence::of($why),
            $remedy,
            $facts->basis(),
            subject: $subject,
        );
    }
}
