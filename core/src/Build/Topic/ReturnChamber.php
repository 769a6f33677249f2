<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Asks;
use Velbrin\Core\Build\Check;
use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** What the return chamber and top-off can do: flood the display, or stand empty (B-30, B-33, B-34). */
final class ReturnChamber implements Asks, Topic
{
    private const TRAP_MS = 0.06;

    private const SHORT_HOURS = 24.0;

    public function keys(): array
    {
        return ['floodL', 'dryHours', 'trapMs'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $figures = $findings = [];
        foreach ([self::flood(...), self::dry(...), self::trap(...)] as $part) {
            // Each rests on its own facts.
            $own = Facts::of($facts->brief);
            [$figure, $more] = $part($own, SumpWater::of($own));
            $figures[] = $figure;
            array_push($findings, ...$more);
        }

        return new TopicAnswer($figures, $findings);
    }

    public static function checks(): array
    {
        return [
            Check::safety(
                'B-33.display',
                'topoff',
                Phrase::CanReturnChamberAndTopOff,
                self::overTheDisplay(...),
            ),
            Check::safety('B-33.sump', 'topoff', Phrase::CanAStuckTopOffFlood, self::overTheSump(...)),
            Check::safety(
                'B-33.power-cut',
                'topoff',
                Phrase::DoesTheSumpTakeAStuck,
                self::thenPowerCut(...),
            ),
        ];
    }

    /** @return array{0: Figure, 1: list<Finding>} */
    private static function flood(Facts $facts, SumpWater $sump): array
    {
        $lacks = TopOff::lacks($facts);
        if ($lacks !== []) {
            return [Figure::waiting('floodL', $lacks), []];
        }
        $topOff = TopOff::beforeStopL($facts);
        $adds = Quantity::of($sump->liftsL() + $topOff, Kind::Volume);
        $room = ['room' => Quantity::of(DisplayTank::of($facts)->roomAboveL(), Kind::Volume)];
        $working = Working::of(
            'Return chamber and top-off can add',
            'A*(l - m) + c + t',
            [
                ['A', 'Area of the return chamber', $sump->returnChamber()->areaM2, Kind::Area],
                $facts->row('l', F::ReturnLevelMm),
                $facts->row('m', F::PumpMinLevelMm),
                ['c', 'Runs after it from the chambers before', $sump->liftsL() - $sump->usableReturnL(), Kind::Volume],
                ['t', 'Top-off before its stop', $topOff, Kind::Volume],
            ],
            $adds,
            'B-33',
        );
        $note = Sentence::of(Phrase::FitAboveTheDisplaysWaterLine, $room);

        return [Figure::number('floodL', $adds, $note, $facts->basis(), $working), []];
    }

    /**
     * Everything that can come up with the drains blocked, against the room over the display's water line.
     *
     * @return list<Finding>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function overTheDisplay(Facts $facts): array
    {
        if (! PowerCutRoom::runsDown($facts)) {
            return [];
        }
        $topOff = TopOff::beforeStopL($facts);
        $lifts = SumpWater::of($facts)->liftsL();
        $room = DisplayTank::of($facts)->roomAboveL();
        $adds = $lifts + $topOff;
        $parts = self::volumes([
            'adds' => $adds,
            'room' => $room,
            'over' => max(0.0, $adds - $room),
            'lifts' => $lifts,
            'topOff' => $topOff,
            'most' => max(0.0, $room - $lifts),
        ]);
        if ($adds <= $room) {
            $what = Sentence::of(Phrase::ReturnChamberAndTopOffCannot, $parts);
            $why = Sentence::of(Phrase::CanComeUp, $parts);

            return [Finding::of(
                severity: Severity::Fine,
                rule: 'B-33',
                about: 'topoff',
                what: $what,
                why: $why,
                remedy: null,
                basis: $facts->basis(),
                working: 'floodL',
            )];
        }

        return [
            Finding::of(
                severity: Severity::Stop,
                rule: 'B-33',
                about: 'topoff',
                what: Sentence::of(Phrase::ReturnChamberAndTopOffCan, $parts),
                why: Sentence::of(Phrase::WithTheDrainsBlockedAndCan, $parts),
                remedy: Sentence::of(
                    match (true) {
                        $lifts >= $room => Phrase::ASmallerReturnChamber,
                        $topOff > 0 => Phrase::AtMostFromTheTopOff,
                        default => Phrase::ALowerWaterLine,
                    },
                    $parts,
                ),
                basis: $facts->basis(),
                working: 'floodL',
            ),
        ];
    }

    /**
     * @return list<Finding> none without a top-off that can stick
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function overTheSump(Facts $facts): array
    {
        $topOff = PowerCutRoom::runsDown($facts) ? TopOff::beforeStopL($facts) : 0.0;
        if ($topOff <= 0) {
            return [];
        }
        $spare = SumpWater::of($facts)->spareL();
        $parts = self::volumes(['topOff' => $topOff, 'spare' => $spare, 'spill' => max(0.0, $topOff - $spare)]);
        if ($topOff <= $spare) {
            $why = Sentence::of(Phrase::TheItCanBringFit, $parts);

            return [
                Finding::of(
                    Severity::Fine,
                    'B-33',
                    'topoff',
                    Sentence::of(Phrase::AStuckTopOffStays, $parts),
                    $why,
                    null,
                    $facts->basis(),
                ),
            ];
        }

        return [
            Finding::of(
                Severity::Stop,
                'B-33',
                'topoff',
                Sentence::of(Phrase::AStuckTopOffFloods, $parts),
                Sentence::of(Phrase::ItCanBring, $parts),
                Sentence::of(Phrase::KeepItToAtMost, $parts),
                $facts->basis(),
            ),
        ];
    }

    /**
     * @return list<Finding> none where the power cut or the top-off alone already spills: each has its own Stop
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function thenPowerCut(Facts $facts): array
    {
        $topOff = PowerCutRoom::runsDown($facts) ? TopOff::beforeStopL($facts) : 0.0;
        if ($topOff <= 0) {
            return [];
        }
        $spare = SumpWater::of($facts)->spareL();
        $room = $spare - PowerCutRoom::downL($facts);
        if ($room <= 0 || $topOff > $spare) {
            return [];
        }
        $parts = self::volumes(['topOff' => $topOff, 'room' => $room, 'over' => max(0.0, $topOff - $room)]);
        if ($topOff <= $room) {
            $what = Sentence::of(Phrase::TheSumpTakesAStuckTop, $parts);
            $why = Sentence::of(Phrase::ComeInAreFreeBeside, $parts);

            return [Finding::of(Severity::Fine, 'B-33', 'topoff', $what, $why, null, $facts->basis())];
        }

        return [
            Finding::of(
                Severity::Stop,
                'B-33',
                'topoff',
                Sentence::of(Phrase::AStuckTopOff, $parts),
                Sentence::of(Phrase::WithRunIn, $parts),
                Sentence::of(Phrase::KeepItToAtMostBefore, $parts),
                $facts->basis(),
            ),
        ];
    }

    /**
     * @param  array<string, float>  $litres
     * @return array<string, Quantity>
     */
    private static function volumes(array $litres): array
    {
        return array_map(fn (float $volumeL): Quantity => Quantity::of($volumeL, Kind::Volume)->apartFrom(0.0), $litres);
    }

    /** @return array{0: Figure, 1: list<Finding>} */
    private static function dry(Facts $facts, SumpWater $sump): array
    {
        if (! $facts->knows(F::WinterC) && ! $facts->knows(F::SummerC)) {
            return [Figure::waiting('dryHours', [F::WinterC->value, F::SummerC->value]), []];
        }
        $litres = Warmth::worstEvaporationLd($facts);
        if ($litres <= 0) {
            return [
                Figure::words('dryHours', Phrase::FigureDoesNot, Sentence::of(Phrase::NoEvaporationInTheseRooms), $facts->basis()),
                [],
            ];
        }
        $hours = (24 * $sump->usableReturnL()) / $litres;
        $parts = [
            'hours' => Quantity::of($hours, Kind::Hours),
            'litres' => Quantity::of($litres, Kind::DailyVolume),
            'usable' => Quantity::of($sump->usableReturnL(), Kind::Volume),
        ];

        return [
            Figure::number(
                'dryHours',
                Quantity::of($hours, Kind::Hours),
                Sentence::of(Phrase::WithoutTopOff, $parts),
                $facts->basis(),
                Working::of(
                    'Return chamber runs dry in',
                    '24*u/e',
                    [
                        ['u', 'Usable return water', $sump->usableReturnL(), Kind::Volume],
                        ['e', 'Evaporation, worst season', $litres, Kind::DailyVolume],
                    ],
                    Quantity::of($hours, Kind::Hours),
                    'B-34',
                ),
            ),
            [
                $hours < self::SHORT_HOURS
                    ? Finding::of(
                        severity: Severity::Watch,
                        rule: 'B-34',
                        about: 'return',
                        what: Sentence::of(Phrase::WithoutTopOffTheReturnSucks, $parts),
                        why: Sentence::of(Phrase::AboveThePump, $parts),
                        remedy: Sentence::of(Phrase::ALongerReturnChamber),
                        basis: $facts->basis(),
                        working: 'dryHours',
                    )
                    : Finding::of(
                        severity: Severity::Fine,
                        rule: 'B-34',
                        about: 'return',
                        what: Sentence::of(Phrase::WithoutTopOffTheReturnRuns, $parts),
                        why: Sentence::of(Phrase::AboveThePump, $parts),
                        remedy: null,
                        basis: $facts->basis(),
                        working: 'dryHours',
                    ),
            ],
        ];
    }

    /** @return array{0: Figure, 1: list<Finding>} */
    private static function trap(Facts $facts, SumpWater $sump): array
    {
        if (! $facts->knows(F::FlowLh)) {
            return [Figure::waiting('trapMs', [F::FlowLh->value]), []];
        }
        $gap = $facts->numberOrNone(F::TrapGapMm);
        if ($gap === null) {
            return [Figure::words('trapMs', Phrase::FigureNoBubbleTrap, null, $facts->basis()), []];
        }
        $width = $sump->outline->insideWidthMm($sump->returnChamber()->fromMm);
        $speed = $facts->number(F::FlowLh) / 3.6e6 / (($gap * $width) / 1e6);
        $wanted = $facts->number(F::FlowLh) / 3.6e6 / self::TRAP_MS / ($width / 1e6);
        $parts = [
            'speed' => Quantity::of($speed, Kind::Speed),
            'limit' => Quantity::of(self::TRAP_MS, Kind::Speed),
            'gap' => Quantity::of($gap, Kind::Length),
            'wanted' => Quantity::of(ceil($wanted), Kind::Length),
        ];
        $figure = Figure::number(
            'trapMs',
            Quantity::of($speed, Kind::Speed),
            Sentence::of(Phrase::ThroughGap, $parts),
            $facts->basis(),
            Working::of(
                'Speed in the bubble trap',
                'Q/3600000/(g/1000*w/1000)',
                [
                    $facts->row('Q', F::FlowLh),
                    $facts->row('g', F::TrapGapMm),
                    ['w', 'Inside width of the sump', $width, Kind::Length],
                ],
                Quantity::of($speed, Kind::Speed),
                'B-30',
            ),
        );

        return [
            $figure,
            [
                $speed > self::TRAP_MS
                    ? Finding::of(
                        severity: Severity::Fix,
                        rule: 'B-30',
                        about: 'sump',
                        what: Sentence::of(Phrase::WaterPassesTheBubbleTrapAt, $parts),
                        why: Sentence::of(Phrase::AboveItDragsBubblesThrough, $parts),
                        remedy: Sentence::of(Phrase::WidenTheGap, $parts),
                        basis: $facts->basis(),
                        working: 'trapMs',
                    )
                    : Finding::of(
                        severity: Severity::Fine,
                        rule: 'B-30',
                        about: 'sump',
                        what: Sentence::of(Phrase::BubbleTrapRunsAt, $parts),
                        why: Sentence::of(Phrase::UnderBubblesRiseOut, $parts),
                        remedy: null,
                        basis: $facts->basis(),
                        working: 'trapMs',
                    ),
            ],
        ];
    }
}
