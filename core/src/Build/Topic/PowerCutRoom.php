<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Asks;
use Velbrin\Core\Build\Check;
use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\OtherVessels;
use Velbrin\Core\Build\Overflow;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Storeys;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Hydraulics\DrainDown;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** A power cut: what comes down, whether the sump takes it, and the numbers that would put it right (B-32). */
final class PowerCutRoom implements Asks, Topic
{
    public function keys(): array
    {
        return ['downL', 'spareL', 'marginPct', 'cloggedL'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $facts->need(F::OutletBelowRimMm, F::BreakBelowRimMm);
        $weir = Overflow::of($facts);
        $display = DisplayTank::of($facts);
        $sump = SumpWater::of($facts);
        $area = $display->vessel->insideAreaM2();
        [$working, $clogged] = self::depths($facts, $weir);
        $down = self::down($facts, $area, $weir->headMm, $working, $sump);
        $worst = self::down($facts, $area, $weir->headMm, $clogged, $sump);
        $rows = [
            ['A', 'Inside area of the display', $area, Kind::Area],
            ['h', 'Water over the weir', $weir->headMm, Kind::Length],
        ];
        $others = OtherVessels::downL($facts);
        $risers = Storeys::risersL($facts);
        $pipes = [
            $facts->row('p', F::PipesL),
            ...$risers > 0 ? [['r', 'Risers between the storeys', $risers, Kind::Volume]] : [],
            ...$others > 0 ? [['v', 'Other vessels run down', $others, Kind::Volume]] : [],
        ];
        $sum = 'A*(h + o) + p'.($risers > 0 ? ' + r' : '').($others > 0 ? ' + v' : '');
        $figures = [
            Figure::number(
                'downL',
                Quantity::of($down->downL, Kind::Volume),
                Sentence::of(Phrase::OutletOrBreakBelowTheWeir, [
                    'depth' => Quantity::of($working, Kind::Length),
                ]),
                $facts->basis(),
                Working::of(
                    'Power cut: comes down',
                    $sum,
                    [
                        ...$rows,
                        ['o', 'Deepest open outlet or working break below the edge', $working, Kind::Length],
                        ...$pipes,
                    ],
                    Quantity::of($down->downL, Kind::Volume),
                    'B-32',
                ),
            ),
            Figure::number(
                'spareL',
                Quantity::of($down->spareL, Kind::Volume),
                Sentence::of(Phrase::BetweenTheRunningLevels),
                $facts->basis(),
                Working::of(
                    'Sump takes',
                    'A*(rim - level)',
                    [
                        ['A', 'Area of all chambers', $sump->areaM2(), Kind::Area],
                        ['rim', 'Rim, inside', $sump->rimMm, Kind::Length],
                        ['level', 'Running level, mean over the chambers', $sump->meanLevelMm(), Kind::Length],
                    ],
                    Quantity::of($down->spareL, Kind::Volume),
                    'B-32',
                ),
            ),
            Figure::number(
                'marginPct',
                Quantity::of($down->marginPct, Kind::Percent),
                Sentence::of(Phrase::WantedWanted, ['wanted' => Quantity::of(100 * DrainDown::MARGIN, Kind::Percent)]),
                $facts->basis(),
                Working::of(
                    'Room left over',
                    '100*(spare - down)/spare',
                    [
                        ['spare', 'Sump takes', $down->spareL, Kind::Volume],
                        ['down', 'Comes down', $down->downL, Kind::Volume],
                    ],
                    Quantity::of($down->marginPct, Kind::Percent),
                    'B-32',
                ),
            ),
            Figure::number(
                'cloggedL',
                Quantity::of($worst->downL, Kind::Volume),
                Sentence::of($worst->overflowL > 0 ? Phrase::OfItOnTheFloor : Phrase::AllOfItFits, [
                    'over' => Quantity::of($worst->overflowL, Kind::Volume),
                ]),
                $facts->basis(),
                Working::of(
                    'Siphon break clogged: comes down',
                    $sum,
                    [...$rows, ['o', 'Outlet below the edge', $clogged, Kind::Length], ...$pipes],
                    Quantity::of($worst->downL, Kind::Volume),
                    'B-32: a break counts working and clogged',
                ),
            ),
        ];

        return new TopicAnswer($figures);
    }

    /**
     * Where the back-siphon stops below the weir edge, mm: with the break working, and with it clogged; 0 when above the edge.
     *
     * @return array{0: float, 1: float}
     */
    public static function depths(Facts $facts, Overflow $weir): array
    {
        $outlet = $facts->number(F::OutletBelowRimMm) - $weir->edgeBelowRimMm;
        $break = $facts->numberOrNone(F::BreakBelowRimMm);
        $working = $break === null ? $outlet : min($outlet, $break - $weir->edgeBelowRimMm);

        return [max(0.0, $working), max(0.0, $outlet)];
    }

    /**
     * What comes down with the siphon break working, L.
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function downL(Facts $facts): float
    {
        $facts->need(F::OutletBelowRimMm, F::BreakBelowRimMm);
        $weir = Overflow::of($facts);

        return self::down(
            $facts,
            DisplayTank::of($facts)->vessel->insideAreaM2(),
            $weir->headMm,
            self::depths($facts, $weir)[0],
            SumpWater::of($facts),
        )->downL;
    }

    private static function down(Facts $facts, float $area, float $head, float $depth, SumpWater $sump): DrainDown
    {
        return DrainDown::of(
            $area,
            $head,
            $depth,
            OtherVessels::withPipesL($facts),
            $sump->areaM2(),
            $sump->rimMm,
            $sump->meanLevelMm(),
        );
    }

    /** What makes a build one that can run down: any of these given. */
    private const RUNS_DOWN = [
        F::FlowLh,
        F::Drains,
        F::DrainBoreMm,
        F::WeirBelowRimMm,
        F::OutletBelowRimMm,
        F::SumpLengthMm,
        F::SumpWidthMm,
        F::SumpHeightMm,
        F::ReturnLevelMm,
        F::ReturnBoreMm,
    ];

    public static function checks(): array
    {
        return [
            Check::safety(
                'B-32.working',
                'sump',
                Phrase::DoesTheSumpTakeWhatComes,
                self::withBreak(...),
            ),
            Check::safety(
                'B-32.clogged',
                'return',
                Phrase::DoesItStill,
                self::cloggedBreak(...),
            ),
        ];
    }

    /** Whether water stands higher than where it returns to: a sump, an overflow, a return. */
    public static function runsDown(Facts $facts): bool
    {
        return $facts->brief->hasAny(...self::RUNS_DOWN);
    }

    /**
     * With the siphon break working.
     *
     * @return list<Finding>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function withBreak(Facts $facts): array
    {
        if (! self::runsDown($facts)) {
            return [];
        }
        $facts->need(F::OutletBelowRimMm, F::BreakBelowRimMm);
        $weir = Overflow::of($facts);
        $sump = SumpWater::of($facts);
        $area = DisplayTank::of($facts)->vessel->insideAreaM2();
        [$depth] = self::depths($facts, $weir);
        $down = self::down($facts, $area, $weir->headMm, $depth, $sump);
        $tooMuch = $down->downL - (1 - DrainDown::MARGIN) * $down->spareL;
        $parts = [
            'down' => Quantity::of($down->downL, Kind::Volume),
            'spare' => Quantity::of($down->spareL, Kind::Volume),
            'margin' => Quantity::of(abs($down->marginPct), Kind::Percent)->apartFrom(100 * DrainDown::MARGIN),
            'wanted' => Quantity::of(100 * DrainDown::MARGIN, Kind::Percent),
            'over' => Quantity::of($down->overflowL, Kind::Volume)->apartFrom(0.0),
            'left' => Quantity::of(($down->spareL - $down->downL) / $sump->areaM2(), Kind::Length),
        ];
        if ($tooMuch <= 0) {
            $what = Sentence::of(Phrase::PowerCutLeavesToTheRim, $parts);
            $why = Sentence::of(Phrase::ComeDownTheSumpTakes, $parts);

            return [Finding::of(
                severity: Severity::Fine,
                rule: 'B-32',
                about: 'sump',
                what: $what,
                why: $why,
                remedy: null,
                basis: $facts->basis(),
                working: 'marginPct',
            )];
        }
        $onFloor = Phrase::PowerCutPutsOnTheFloor;

        return [
            Finding::of(
                severity: Severity::Stop,
                rule: 'B-32',
                about: 'sump',
                what: Sentence::of(
                    $down->overflowL > 0 ? $onFloor : Phrase::PowerCutLeavesToTheRim,
                    $parts,
                ),
                why: Sentence::of(Phrase::ComeDownTheSumpTakesWanted, $parts),
                remedy: self::remedy($tooMuch, $depth, $area, $sump),
                basis: $facts->basis(),
                working: 'marginPct',
            ),
        ];
    }

    private static function remedy(float $tooMuchL, float $depthMm, float $areaM2, SumpWater $sump): Sentence
    {
        $return = $sump->returnChamber();
        $lower = $tooMuchL / (1 - DrainDown::MARGIN) / $return->areaM2;
        $canRaise = $depthMm * $areaM2 >= $tooMuchL;
        $canLower = $lower < $return->levelMm - $sump->pumpMinMm();
        $parts = [
            'raise' => Quantity::of(ceil($tooMuchL / $areaM2), Kind::Length),
            'lower' => Quantity::of(ceil($lower), Kind::Length),
        ];

        return Sentence::of(
            match (true) {
                $canRaise && $canLower => Phrase::RaiseTheOutletOrItsBreak,
                $canRaise => Phrase::RaiseTheOutletOrItsBreakBy,
                $canLower => Phrase::RunTheReturnChamberLower,
                default => Phrase::NeitherOutletNorLevelAlone,
            },
            $parts,
        );
    }

    /**
     * With the siphon break clogged: its outlet alone stops the siphon.
     *
     * @return list<Finding> none where there is no break
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function cloggedBreak(Facts $facts): array
    {
        if (! self::runsDown($facts)) {
            return [];
        }
        $facts->need(F::BreakBelowRimMm);
        if ($facts->numberOrNone(F::BreakBelowRimMm) === null) {
            return [];
        }
        $facts->need(F::OutletBelowRimMm);
        $weir = Overflow::of($facts);
        $area = DisplayTank::of($facts)->vessel->insideAreaM2();
        [$working, $clogged] = self::depths($facts, $weir);
        $worst = self::down($facts, $area, $weir->headMm, $clogged, SumpWater::of($facts));
        $parts = [
            'down' => Quantity::of($worst->downL, Kind::Volume),
            'over' => Quantity::of($worst->overflowL, Kind::Volume)->apartFrom(0.0),
            'margin' => Quantity::of($worst->marginPct, Kind::Percent)->apartFrom(100 * DrainDown::MARGIN),
            'raise' => Quantity::of(ceil($worst->overflowL / $area), Kind::Length),
        ];
        // The outlet is no deeper than its break: nothing more comes down, and the other question has answered it.
        $isSame = $clogged <= $working;
        if ($isSame && $worst->marginPct < 100 * DrainDown::MARGIN) {
            return [];
        }
        [$severity, $what, $why, $remedy] = match (true) {
            $worst->overflowL > 0 => [
                Severity::Stop,
                Phrase::WithTheSiphonBreakClogged,
                Phrase::AlgaeAndSaltCloseSmallHoles,
                $clogged * $area >= $worst->overflowL
                    ? Phrase::RaiseTheOutlet
                    : Phrase::RaisingTheOutletIsNotEnough,
            ],
            $worst->marginPct < 100 * DrainDown::MARGIN => [
                Severity::Watch,
                Phrase::WithTheSiphonBreakCloggedAre,
                Phrase::WouldComeDown,
                Phrase::CleanTheBreakAtEachVisit,
            ],
            default => [
                Severity::Fine,
                $isSame
                    ? Phrase::ACloggedSiphonBreakChangesNothing
                    : Phrase::ACloggedSiphonBreakStillLeaves,
                Phrase::WouldComeDownAnd,
                null,
            ],
        };
        $remedy = $remedy === null ? null : Sentence::of($remedy, $parts);

        return [
            Finding::of(
                severity: $severity,
                rule: 'B-32',
                about: 'return',
                what: Sentence::of($what, $parts),
                why: Sentence::of($why, $parts),
                remedy: $remedy,
                basis: $facts->basis(),
                working: 'cloggedL',
            ),
        ];
    }
}
