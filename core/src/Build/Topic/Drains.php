<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Asks;
use Velbrin\Core\Build\BlockedMain;
use Velbrin\Core\Build\Check;
use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\DrainSchool;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Hole;
use Velbrin\Core\Build\Levels;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Overflow;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Hydraulics\DrainCapacity;
use Velbrin\Core\Hydraulics\Pipe;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** The main drains running, half blocked, and one of them blocked, as litres on the floor (B-20, B-22, B-90). */
final class Drains implements Asks, Topic
{
    /** Schools that are set side by side. */
    private const COMPARED = [
        DrainSchool::Open,
        DrainSchool::OpenWithEmergency,
        DrainSchool::SiphonWithEmergency,
        DrainSchool::SiphonChannelEmergency,
    ];

    public function keys(): array
    {
        return ['drainLh', 'blockedMm', 'blockedFloorL', 'drainSchools'];
    }

    public static function checks(): array
    {
        return [
            Check::safety('B-22.blocked', 'drain', Phrase::DoesABlockedMainDrainStay, self::blocked(...)),
            Check::plain('X-22.valves', 'drain', Phrase::CanEveryDrainBeShut, self::valves(...)),
        ];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $facts->need(F::Drains, F::DrainBoreMm, F::FlowLh);
        $school = DrainSchool::from($facts->word(F::Drains));
        [$figure, $findings] = $school->isSiphon() ? self::siphon($facts) : self::open($facts);
        $blocked = BlockedMain::of($facts);
        if ($school === DrainSchool::Open && BlockedMain::mains($facts) === 1 && $facts->word(F::Strainer) === 'no') {
            $findings[] = Finding::of(
                Severity::Fix,
                'B-79',
                'drain',
                Sentence::of(Phrase::OneOpenPipe),
                Sentence::of(Phrase::ASingleSnailOrLeafCloses),
                Sentence::of(Phrase::AStrainerThatCannotBeSucked),
                $facts->basis(),
            );
        }
        array_push($findings, ...self::drilled($facts));

        return new TopicAnswer(
            [$figure, ...self::figures($facts, $blocked), self::schools($facts, $school)],
            $findings,
        );
    }

    /** Each school with these pipes and one main drain blocked, as litres on the floor (B-20). */
    private static function schools(Facts $facts, DrainSchool $own): Figure
    {
        $schools = [];
        foreach (self::COMPARED as $school) {
            try {
                $litres = BlockedMain::of(Facts::of($facts->brief->with(F::Drains, $school->value)))->floorL;
            } catch (Missing|OutOfRange) {
                // Its pipes are not described.
                continue;
            }
            $schools[] = Sentence::of($school === $own ? Phrase::ThisOne : Phrase::SchoolLitres, [
                'school' => $school->short(),
                'litres' => Quantity::of($litres, Kind::Volume),
            ]);
        }
        if ($schools === []) {
            return Figure::waiting('drainSchools', [F::DrainBoreMm->value]);
        }
        $count = Sentence::of(Phrase::FigureSchools, ['n' => (string) count($schools)]);

        return Figure::words('drainSchools', $count, Sentence::listed(Phrase::SideBySide, ...$schools), $facts->basis());
    }

    /** @return array{0: Figure, 1: list<Finding>} */
    private static function siphon(Facts $facts): array
    {
        $pipe = Pipe::of($facts->number(F::DrainBoreMm), $facts->number(F::DrainLengthM), $facts->number(F::DrainSumK));
        $drop = Levels::dropM($facts);
        $mains = BlockedMain::mains($facts);
        $carries = $mains * DrainCapacity::siphon($pipe, $drop);
        $half = $mains * DrainCapacity::siphon($pipe->withSumK($pipe->sumK + DrainCapacity::HALF_BLOCKED_K), $drop);
        $velocity = DrainCapacity::siphonVelocityMs($pipe, $drop);
        $working = Working::of(
            'Main drain carries',
            'n*pi/4*(D/1000)**2*sqrt(2*9.81*z/(1 + K + f*l*1000/D))*3600000',
            [
                $facts->row('n', F::DrainCount),
                $facts->row('D', F::DrainBoreMm),
                ['z', 'Fall from surface to surface', $drop, Kind::Height],
                $facts->row('K', F::DrainSumK),
                ['f', 'Friction factor at this speed', $pipe->friction($velocity), Kind::Factor],
                $facts->row('l', F::DrainLengthM),
            ],
            Quantity::of($carries, Kind::Flow),
            'B-22: full siphon, Darcy–Weisbach with Swamee–Jain',
        );

        return [self::figure($facts, $carries, $working), self::running($facts, $carries, $half)];
    }

    /** @return array{0: Figure, 1: list<Finding>} */
    private static function open(Facts $facts): array
    {
        $bore = $facts->number(F::DrainBoreMm);
        $mains = BlockedMain::mains($facts);
        $carries = $mains * DrainCapacity::open($bore);
        $rows = [$facts->row('n', F::DrainCount), $facts->row('D', F::DrainBoreMm)];
        $source = 'B-22: open stack with air, Wyly–Eaton in the form of EN 12056-3, filled 7/24';
        $working = Working::of(
            'Main drain carries',
            'n*3600*2.5e-4*0.25**(-0.167)*D**2.667*(7/24)**1.667',
            $rows,
            Quantity::of($carries, Kind::Flow),
            $source,
        );

        return [
            self::figure($facts, $carries, $working),
            self::running($facts, $carries, $mains * DrainCapacity::openHalfBlocked($bore)),
        ];
    }

    private static function figure(Facts $facts, float $carries, Working $working): Figure
    {
        $parts = [
            'flow' => Quantity::of($facts->number(F::FlowLh), Kind::Flow),
            'n' => Quantity::of(BlockedMain::mains($facts), Kind::Count),
        ];
        $note = BlockedMain::mains($facts) > 1 ? Phrase::AlikeTogetherPlannedReturn : Phrase::PlannedReturn;

        return Figure::number(
            'drainLh',
            Quantity::of($carries, Kind::Flow),
            Sentence::of($note, $parts),
            $facts->basis(),
            $working,
        );
    }

    /** @return list<Finding> */
    private static function running(Facts $facts, float $carries, float $half): array
    {
        $flow = $facts->number(F::FlowLh);
        $parts = [
            'carries' => Quantity::of($carries, Kind::Flow)->apartFrom($flow),
            'flow' => Quantity::of($flow, Kind::Flow)->apartFrom($carries, $half),
            'half' => Quantity::of($half, Kind::Flow)->apartFrom($flow),
            'spare' => Quantity::of((100 * ($carries - $flow)) / $flow, Kind::Percent),
        ];
        if ($carries < $flow) {
            return [
                Finding::of(
                    severity: Severity::Fix,
                    rule: 'B-22',
                    about: 'drain',
                    what: Sentence::of(Phrase::MainDrainCarries, $parts),
                    why: Sentence::of(Phrase::TheRestStandsUpOver, $parts),
                    remedy: Sentence::of(Phrase::RunTheReturnAtOrLess, $parts),
                    basis: $facts->basis(),
                    working: 'drainLh',
                ),
            ];
        }
        $why = Sentence::of(Phrase::MoreThanTheTheReturnBrings, $parts);
        $findings = [
            Finding::of(
                severity: Severity::Fine,
                rule: 'B-22',
                about: 'drain',
                what: Sentence::of(Phrase::MainDrainCarries2, $parts),
                why: $why,
                remedy: null,
                basis: $facts->basis(),
                working: 'drainLh',
            ),
        ];
        if ($half < $flow) {
            $findings[] = Finding::of(
                Severity::Watch,
                'B-22',
                'drain',
                Sentence::of(Phrase::HalfBlockedTheMainDrainCarries, $parts),
                Sentence::of(Phrase::ASnailOrAStrand, $parts),
                Sentence::of(Phrase::GuardTheInlet),
                $facts->basis(),
            );
        }

        return $findings;
    }

    /**
     * A valve left shut is a blocked drain; on every drain nothing stands by (X-22).
     *
     * @return list<Finding>
     */
    private static function valves(Facts $facts): array
    {
        if (! $facts->brief->has(F::DrainValves)) {
            return [];
        }

        return [
            $facts->word(F::DrainValves) === 'all'
                ? Finding::of(
                    Severity::Fix,
                    'X-22',
                    'drain',
                    Sentence::of(Phrase::AValveCanBeShut),
                    Sentence::of(
                        Phrase::AHandThatClosesThem,
                    ),
                    Sentence::of(Phrase::NoneOnTheEmergency),
                    $facts->basis(),
                )
                : Finding::of(
                    Severity::Fine,
                    'X-22',
                    'drain',
                    Sentence::of(Phrase::OneDrainAtLeast),
                    Sentence::of(Phrase::NothingThatAHandCanTurn),
                    null,
                    $facts->basis(),
                ),
        ];
    }

    /**
     * Drains as drilled against drains as counted (X-1).
     *
     * @return list<Finding>
     */
    private static function drilled(Facts $facts): array
    {
        $holes = count(array_filter($facts->brief->holes, fn (Hole $h): bool => $h->serves === 'main'));
        $mains = BlockedMain::mains($facts);
        if ($holes === 0 || $holes === $mains) {
            return [];
        }
        $parts = ['holes' => Quantity::of($holes, Kind::Count), 'mains' => Quantity::of($mains, Kind::Count)];

        return [
            Finding::of(
                Severity::Watch,
                'X-1',
                'drain',
                Sentence::of(Phrase::HolesAreForMainDrains, $parts),
                Sentence::of(Phrase::WhatTheDrainsCarryIsWorked),
                Sentence::of(Phrase::PutRightWhicheverIsWrong),
                $facts->basis(),
            ),
        ];
    }

    /** @return list<Figure> */
    private static function figures(Facts $facts, BlockedMain $blocked): array
    {
        $below = Quantity::of($blocked->belowRimMm, Kind::Length);
        $floor = Quantity::of($blocked->floorL, Kind::Volume);
        if (! $blocked->keepsUp) {
            $parts = [
                'adds' => Quantity::of($blocked->addsL, Kind::Volume),
                'room' => Quantity::of($blocked->roomL, Kind::Volume),
            ];

            return [
                Figure::number(
                    'blockedMm',
                    $below,
                    Sentence::of(Phrase::WhenTheReturnChamberHasRun),
                    $facts->basis(),
                ),
                Figure::number(
                    'blockedFloorL',
                    $floor,
                    Sentence::of(Phrase::CanComeFit, $parts),
                    $facts->basis(),
                    self::floorWorking($facts, $blocked),
                ),
            ];
        }
        $note =
            $blocked->sets === null
                ? Sentence::of(Phrase::TheOtherMainDrainsTakeAll)
                : Sentence::of(Phrase::TakesItOverTheSInlet, self::words($facts, $blocked));

        return [
            Figure::number('blockedMm', $below, $note, $facts->basis(), self::levelWorking($facts, $blocked)),
            Figure::number('blockedFloorL', $floor, Sentence::of(Phrase::NothingOnTheFloor), $facts->basis()),
        ];
    }

    private static function levelWorking(Facts $facts, BlockedMain $blocked): Working
    {
        $running = ['r', 'Water line below the rim, running', Overflow::of($facts)->runningBelowRimMm, Kind::Length];
        $result = Quantity::of($blocked->belowRimMm, Kind::Length);
        if ($blocked->sets === null || $blocked->setsBore === null || $blocked->setsInlet === null) {
            return Working::of(
                'Main drain blocked: water below the rim',
                'r',
                [$running],
                $result,
                'B-90: the other main drains carry the flow',
            );
        }
        $level = $blocked->sets->inletBelowRimMm - $blocked->neededMm;
        $elsewhere = $facts->number(F::FlowLh) - $blocked->sets->takesLh($level);
        $isShallow = $blocked->neededMm <= $blocked->sets->boreMm / 2;

        return Working::of(
            'Main drain blocked: water below the rim',
            $isShallow ? 'min(r, i - (7500*(Q - o)/3600/D)**(2/3))' : 'min(r, i - (15000*(Q - o)/3600/D**2)**2)',
            [
                $running,
                $facts->row('i', $blocked->setsInlet),
                $facts->row('Q', F::FlowLh),
                ['o', 'Taken by the other pipes', $elsewhere, Kind::Flow],
                $facts->row('D', $blocked->setsBore),
            ],
            $result,
            'B-22: water over an open outlet, EN 12056-3',
        );
    }

    private static function floorWorking(Facts $facts, BlockedMain $blocked): Working
    {
        $display = DisplayTank::of($facts);

        return Working::of(
            'Main drain blocked: on the floor',
            'max(0, u + t - A*r)',
            [
                ['u', 'The return can lift', SumpWater::of($facts)->liftsL(), Kind::Volume],
                ['t', 'Top-off before its stop', TopOff::beforeStopL($facts), Kind::Volume],
                ['A', 'Inside area of the display', $display->vessel->insideAreaM2(), Kind::Area],
                ['r', 'Water line below the rim', $display->runningBelowRimMm, Kind::Length],
            ],
            Quantity::of($blocked->floorL, Kind::Volume),
            'B-22',
        );
    }

    /** @return array<string, Quantity|string> */
    private static function words(Facts $facts, BlockedMain $blocked): array
    {
        $school = DrainSchool::from($facts->word(F::Drains));
        $pipes = $school->hasChannel() ? 'open channel with emergency' : 'emergency';

        return [
            'flow' => Quantity::of($facts->number(F::FlowLh), Kind::Flow),
            'needed' => Quantity::of($blocked->neededMm, Kind::Length),
            'below' => Quantity::of($blocked->belowRimMm, Kind::Length),
            'atRim' => Quantity::of($blocked->atRimLh, Kind::Flow),
            'others' => Quantity::of($blocked->othersLh, Kind::Flow),
            'pipes' => ($blocked->othersLh > 0 ? 'the other main drains with the ' : '').$pipes,
            'sets' => $blocked->setsBore === F::ChannelBoreMm ? 'open channel' : 'emergency',
            'floor' => Quantity::of($blocked->floorL, Kind::Volume)->apartFrom(0.0),
            'adds' => Quantity::of($blocked->addsL, Kind::Volume),
            'room' => Quantity::of($blocked->roomL, Kind::Volume),
        ];
    }

    /**
     * @return list<Finding> none while nothing runs down
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function blocked(Facts $facts): array
    {
        if (! PowerCutRoom::runsDown($facts)) {
            return [];
        }
        $blocked = BlockedMain::of($facts);
        $parts = self::words($facts, $blocked);
        if ($blocked->keepsUp) {
            $why =
                $blocked->sets === null
                    ? Phrase::TheOthersCarry
                    : Phrase::NeedsOverTheSInlet;
            $what =
                $blocked->sets === null
                    ? Phrase::OneMainDrainBlocked
                    : Phrase::BlockedMainDrain;

            return [
                Finding::of(
                    severity: Severity::Fine,
                    rule: 'B-22',
                    about: 'drain',
                    what: Sentence::of($what, $parts),
                    why: Sentence::of($why, $parts),
                    remedy: null,
                    basis: $facts->basis(),
                    working: 'blockedMm',
                ),
            ];
        }
        $carries = Sentence::of(
            $blocked->atRimLh > 0
                ? Phrase::WithTheLevelAtTheRim
                : Phrase::NothingElseDrainsTheDisplay,
            $parts,
        );
        $parts['wider'] = Sentence::of(
            $blocked->hasEmergency ? Phrase::AnEmergencyDrainWideEnoughFor : Phrase::AnEmergencyDrainThatTakes,
            $parts,
        );

        return [
            $blocked->floorL > 0
                ? Finding::of(
                    severity: Severity::Stop,
                    rule: 'B-22',
                    about: 'drain',
                    what: Sentence::of(Phrase::BlockedMainDrainPuts, $parts),
                    why: Sentence::joined($carries, Sentence::of(
                        Phrase::CanComeUpFit,
                        $parts,
                    )),
                    remedy: Sentence::of(Phrase::OrAtMostInTheReturn, $parts),
                    basis: $facts->basis(),
                    working: 'blockedFloorL',
                )
                : Finding::of(
                    severity: Severity::Watch,
                    rule: 'B-22',
                    about: 'drain',
                    what: Sentence::of(Phrase::BlockedMainDrainThe, $parts),
                    why: Sentence::joined($carries, Sentence::of(Phrase::TheReturnChamberRunsEmptyFirst)),
                    remedy: Sentence::of(Phrase::WouldKeepTheReturnRunning, $parts),
                    basis: $facts->basis(),
                    working: 'blockedFloorL',
                ),
        ];
    }
}
