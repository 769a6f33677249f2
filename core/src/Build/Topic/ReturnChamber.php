<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\OtherVessels;
use Velbrin\Core\Build\Overflow;
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

/** What the return chamber and top-off can do: flood the display, or stand empty (B-30, B-33, B-34). */
final class ReturnChamber implements Topic
{
    private const TRAP_MS = 0.06;

    private const SHORT_HOURS = 24.0;

    public function keys(): array
    {
        return ['floodL', 'dryHours', 'trapMs'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $sump = SumpWater::of($facts);
        $figures = $findings = [];
        foreach ([self::flood(...), self::dry(...), self::trap(...)] as $part) {
            [$figure, $more] = $part($facts, $sump);
            $figures[] = $figure;
            array_push($findings, ...$more);
        }

        return new TopicAnswer($figures, $findings);
    }

    /** @return array{0: Figure, 1: list<Finding>} */
    private static function flood(Facts $facts, SumpWater $sump): array
    {
        $lacks = TopOff::lacks($facts);
        if ($lacks !== []) {
            return [Figure::waiting('floodL', $lacks), []];
        }
        $display = DisplayTank::of($facts);
        $reservoir = TopOff::beforeStopL($facts);
        $adds = $sump->usableReturnL() + $reservoir;
        $room = $display->roomAboveL();
        $parts = [
            'adds' => Quantity::of($adds, Kind::Volume), 'room' => Quantity::of($room, Kind::Volume), 'over' => Quantity::of(max(0.0, $adds - $room), Kind::Volume),
            'usable' => Quantity::of($sump->usableReturnL(), Kind::Volume), 'reservoir' => Quantity::of($reservoir, Kind::Volume),
            'most' => Quantity::of(max(0.0, $room - $sump->usableReturnL()), Kind::Volume),
        ];
        $findings = [$adds > $room
            ? Finding::of(Severity::Stop, 'B-33', 'topoff', Sentence::of('Return chamber and top-off can put {over} over the display’s rim', $parts), Sentence::of('With the drains blocked {usable} and {reservoir} can come up; {room} fit.', $parts),
                $sump->usableReturnL() < $room ? Sentence::of('A reservoir of at most {most}, or a lower water line in the display.', $parts) : Sentence::of('A smaller return chamber, or a lower water line in the display.'), $facts->basis(), 'floodL')
            : Finding::of(Severity::Fine, 'B-33', 'topoff', Sentence::of('Return chamber and top-off cannot flood the display', $parts), Sentence::of('{adds} can come up, {room} fit between water line and rim.', $parts), null, $facts->basis(), 'floodL')];
        $findings = [...$findings, ...self::reservoir($facts, $sump, $reservoir)];

        return [Figure::number('floodL', Quantity::of($adds, Kind::Volume), Sentence::of('{room} fit above the display’s water line', $parts), $facts->basis(),
            Working::of('Return chamber and top-off can add', 'A*(l - m) + t', [
                ['A', 'Area of the return chamber', $sump->returnChamber()->areaM2, Kind::Area], $facts->row('l', F::ReturnLevelMm), $facts->row('m', F::PumpMinLevelMm), ['t', 'Top-off before its stop', $reservoir, Kind::Volume],
            ], Quantity::of($adds, Kind::Volume), 'B-33')), $findings];
    }

    /** @return list<Finding> */
    private static function reservoir(Facts $facts, SumpWater $sump, float $reservoir): array
    {
        $spare = $sump->spareL();
        if ($reservoir <= 0) {
            return [];
        }
        $down = null;
        if ($facts->knows(F::OutletBelowRimMm) && $facts->knows(F::BreakBelowRimMm)) {
            $weir = Overflow::of($facts);
            [$depth] = PowerCutRoom::depths($facts, $weir);
            $down = DisplayTank::of($facts)->vessel->litres($weir->headMm + $depth) + OtherVessels::withPipesL($facts);
        }
        $room = $spare - ($down ?? 0.0);
        $parts = ['reservoir' => Quantity::of($reservoir, Kind::Volume), 'spare' => Quantity::of($spare, Kind::Volume), 'room' => Quantity::of(max(0.0, $room), Kind::Volume), 'over' => Quantity::of(max(0.0, $reservoir - $room), Kind::Volume), 'spill' => Quantity::of(max(0.0, $reservoir - $spare), Kind::Volume)];

        // A power cut that already spills has its own Stop; the reservoir is not what is wrong there.
        if ($room <= 0 && $reservoir <= $spare) {
            return [];
        }

        return [match (true) {
            $reservoir > $spare => Finding::of(Severity::Stop, 'B-33', 'topoff', Sentence::of('A stuck top-off floods the sump by {spill}', $parts), Sentence::of('The reservoir holds {reservoir}; the sump takes {spare} above its running level.', $parts), Sentence::of('Keep at most {spare} in the reservoir.', $parts), $facts->basis()),
            $reservoir > $room => Finding::of(Severity::Stop, 'B-33', 'topoff', Sentence::of('A stuck top-off, then a power cut: {over} on the floor', $parts), Sentence::of('With the reservoir run in, only {room} would fit beside the drain-down.', $parts), Sentence::of('Keep at most {room} in the reservoir.', $parts), $facts->basis()),
            default => Finding::of(Severity::Fine, 'B-33', 'topoff', Sentence::of('A stuck top-off stays in the sump', $parts), Sentence::of($down === null ? 'The reservoir’s {reservoir} fit in the {spare} above the running level.' : 'The reservoir’s {reservoir} fit even when a power cut follows: {room} are free.', $parts), null, $facts->basis()),
        }];
    }

    /** @return array{0: Figure, 1: list<Finding>} */
    private static function dry(Facts $facts, SumpWater $sump): array
    {
        if (! $facts->knows(F::WinterC) && ! $facts->knows(F::SummerC)) {
            return [Figure::waiting('dryHours', [F::WinterC->value, F::SummerC->value]), []];
        }
        $litres = Warmth::worstEvaporationLd($facts);
        if ($litres <= 0) {
            return [Figure::words('dryHours', 'does not', Sentence::of('no evaporation in these rooms'), $facts->basis()), []];
        }
        $hours = 24 * $sump->usableReturnL() / $litres;
        $parts = ['hours' => Quantity::of($hours, Kind::Hours), 'litres' => Quantity::of($litres, Kind::DailyVolume), 'usable' => Quantity::of($sump->usableReturnL(), Kind::Volume)];

        return [Figure::number('dryHours', Quantity::of($hours, Kind::Hours), Sentence::of('without top-off, at {litres}', $parts), $facts->basis(),
            Working::of('Return chamber runs dry in', '24*u/e', [['u', 'Usable return water', $sump->usableReturnL(), Kind::Volume], ['e', 'Evaporation, worst season', $litres, Kind::DailyVolume]], Quantity::of($hours, Kind::Hours), 'B-34')),
            [$hours < self::SHORT_HOURS
                ? Finding::of(Severity::Watch, 'B-34', 'return', Sentence::of('Without top-off the return sucks air after {hours}', $parts), Sentence::of('{usable} above the pump, {litres} evaporate.', $parts), Sentence::of('A longer return chamber, or an alarm on its level.'), $facts->basis(), 'dryHours')
                : Finding::of(Severity::Fine, 'B-34', 'return', Sentence::of('Without top-off the return runs on for {hours}', $parts), Sentence::of('{usable} above the pump, {litres} evaporate.', $parts), null, $facts->basis(), 'dryHours')]];
    }

    /** @return array{0: Figure, 1: list<Finding>} */
    private static function trap(Facts $facts, SumpWater $sump): array
    {
        if (! $facts->knows(F::FlowLh)) {
            return [Figure::waiting('trapMs', [F::FlowLh->value]), []];
        }
        $gap = $facts->numberOrNone(F::TrapGapMm);
        if ($gap === null) {
            return [Figure::words('trapMs', 'no bubble trap', null, $facts->basis()), []];
        }
        $width = $sump->vessel->footprint->boxWidthMm() - 2 * $sump->vessel->wallMm;
        $speed = $facts->number(F::FlowLh) / 3.6e6 / ($gap * $width / 1e6);
        $wanted = $facts->number(F::FlowLh) / 3.6e6 / self::TRAP_MS / ($width / 1e6);
        $parts = ['speed' => Quantity::of($speed, Kind::Speed), 'limit' => Quantity::of(self::TRAP_MS, Kind::Speed), 'gap' => Quantity::of($gap, Kind::Length), 'wanted' => Quantity::of(ceil($wanted), Kind::Length)];
        $figure = Figure::number('trapMs', Quantity::of($speed, Kind::Speed), Sentence::of('through {gap}', $parts), $facts->basis(),
            Working::of('Speed in the bubble trap', 'Q/3600000/(g/1000*w/1000)', [$facts->row('Q', F::FlowLh), $facts->row('g', F::TrapGapMm), ['w', 'Inside width of the sump', $width, Kind::Length]], Quantity::of($speed, Kind::Speed), 'B-30'));

        return [$figure, [$speed > self::TRAP_MS
            ? Finding::of(Severity::Fix, 'B-30', 'sump', Sentence::of('Water passes the bubble trap at {speed}', $parts), Sentence::of('Above {limit} it drags bubbles through to the return.', $parts), Sentence::of('Widen the gap to {wanted}, or run less flow.', $parts), $facts->basis(), 'trapMs')
            : Finding::of(Severity::Fine, 'B-30', 'sump', Sentence::of('Bubble trap runs at {speed}', $parts), Sentence::of('Under {limit} bubbles rise out.', $parts), null, $facts->basis(), 'trapMs')]];
    }
}
