<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Levels;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Overflow;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Hydraulics\DrainCapacity;
use Velbrin\Core\Hydraulics\OpenPipe;
use Velbrin\Core\Hydraulics\Pipe;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Solve;
use Velbrin\Core\Measure\Working;

/** The main drain running, half blocked and blocked, as litres on the floor (B-20, B-22). */
final class Drains implements Topic
{
    private const THREE_PIPES = 'siphon-channel-emergency';

    private const SCHOOLS = ['open' => 'one pipe', 'open-emergency' => 'pipe and emergency', 'siphon-emergency' => 'siphon and emergency', self::THREE_PIPES => 'three pipes'];

    public function keys(): array
    {
        return ['drainLh', 'blockedMm', 'blockedFloorL', 'drainSchools'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $facts->need(F::Drains, F::DrainBoreMm, F::FlowLh);
        $school = $facts->word(F::Drains);
        $flow = $facts->number(F::FlowLh);
        [$figure, $findings] = str_starts_with($school, 'siphon') ? self::siphon($facts, $flow) : self::open($facts, $flow);
        [$figures, $blocked] = str_ends_with($school, 'emergency') ? self::withEmergency($facts, $flow) : self::alone($facts);

        if ($school === 'open' && $facts->word(F::Strainer) === 'no') {
            $findings[] = Finding::of(Severity::Fix, 'B-79', 'drain', Sentence::of('One open pipe, without strainer or spare'), Sentence::of('A single snail or leaf closes the only way down.'), Sentence::of('A strainer that cannot be sucked flat, and a second pipe as emergency.'), $facts->basis());
        }

        return new TopicAnswer([$figure, ...$figures, self::schools($facts)], [...$findings, $blocked]);
    }

    /** Each school with these pipes and its main drain blocked, as litres on the floor (B-20). */
    private static function schools(Facts $facts): Figure
    {
        $own = $facts->word(F::Drains);
        $parts = $words = [];
        foreach (self::SCHOOLS as $school => $name) {
            try {
                $other = Facts::of($facts->brief->with(F::Drains, $school));
                [$figures] = str_ends_with($school, 'emergency') ? self::withEmergency($other, $facts->number(F::FlowLh)) : self::alone($other);
                $litres = $figures[1]->quantity;
            } catch (Missing|OutOfRange) {
                // Its pipes are not described.
                continue;
            }
            if ($litres !== null) {
                $parts[$school] = $litres;
                $words[] = ($school === $own ? 'this one, ' : '').$name.' {'.$school.'}';
            }
        }

        return Figure::words('drainSchools', count($words) === 1 ? 'one school' : count($words).' schools', Sentence::of(implode(' · ', $words), $parts), $facts->basis());
    }

    /** @return array{0: Figure, 1: list<Finding>} */
    private static function siphon(Facts $facts, float $flow): array
    {
        $pipe = Pipe::of($facts->number(F::DrainBoreMm), $facts->number(F::DrainLengthM), $facts->number(F::DrainSumK));
        $drop = Levels::dropM($facts);
        $carries = DrainCapacity::siphon($pipe, $drop);
        $half = DrainCapacity::siphon($pipe->withSumK($pipe->sumK + DrainCapacity::HALF_BLOCKED_K), $drop);
        $velocity = DrainCapacity::siphonVelocityMs($pipe, $drop);
        $working = Working::of('Main drain carries', 'pi/4*(D/1000)**2*sqrt(2*9.81*z/(1 + K + f*l*1000/D))*3600000', [
            $facts->row('D', F::DrainBoreMm), ['z', 'Fall from surface to surface', $drop, Kind::Height], $facts->row('K', F::DrainSumK),
            ['f', 'Friction factor at this speed', $pipe->friction($velocity), Kind::Factor], $facts->row('l', F::DrainLengthM),
        ], Quantity::of($carries, Kind::Flow), 'B-22: full siphon, Darcy–Weisbach with Swamee–Jain');

        return [self::figure($facts, $carries, $working), self::running($facts, $flow, $carries, $half)];
    }

    /** @return array{0: Figure, 1: list<Finding>} */
    private static function open(Facts $facts, float $flow): array
    {
        $bore = $facts->number(F::DrainBoreMm);
        $carries = DrainCapacity::open($bore);
        $working = Working::of('Main drain carries', '3600*2.5e-4*0.25**(-0.167)*D**2.667*(7/24)**1.667', [$facts->row('D', F::DrainBoreMm)],
            Quantity::of($carries, Kind::Flow), 'B-22: open stack with air, Wyly–Eaton in the form of EN 12056-3, filled 7/24');

        return [self::figure($facts, $carries, $working), self::running($facts, $flow, $carries, DrainCapacity::openHalfBlocked($bore))];
    }

    private static function figure(Facts $facts, float $carries, Working $working): Figure
    {
        return Figure::number('drainLh', Quantity::of($carries, Kind::Flow), Sentence::of('planned return {flow}', ['flow' => Quantity::of($facts->number(F::FlowLh), Kind::Flow)]), $facts->basis(), $working);
    }

    /** @return list<Finding> */
    private static function running(Facts $facts, float $flow, float $carries, float $half): array
    {
        $parts = ['carries' => Quantity::of($carries, Kind::Flow), 'flow' => Quantity::of($flow, Kind::Flow), 'half' => Quantity::of($half, Kind::Flow), 'spare' => Quantity::of(100 * ($carries - $flow) / $carries, Kind::Percent)];
        $findings = [$carries < $flow
            ? Finding::of(Severity::Fix, 'B-22', 'drain', Sentence::of('Main drain carries {carries}, the return brings {flow}', $parts), Sentence::of('The rest stands up over the drain until something else takes it.', $parts), Sentence::of('Run the return at {carries} or less, or choose a wider drain.', $parts), $facts->basis(), 'drainLh')
            : Finding::of(Severity::Fine, 'B-22', 'drain', Sentence::of('Main drain carries {carries}', $parts), Sentence::of('{spare} more than the {flow} the return brings.', $parts), null, $facts->basis(), 'drainLh')];
        if ($carries >= $flow && $half < $flow) {
            $findings[] = Finding::of(Severity::Watch, 'B-22', 'drain', Sentence::of('Half blocked, the main drain carries {half}', $parts), Sentence::of('A snail or a strand of algae is enough; the return brings {flow}.', $parts), Sentence::of('Guard the inlet, and look at it at each visit.'), $facts->basis());
        }

        return $findings;
    }

    /**
     * The open pipes alone: an emergency, or an open channel and an emergency (the three-pipe school).
     *
     * @return array{0: list<Figure>, 1: Finding}
     */
    private static function withEmergency(Facts $facts, float $flow): array
    {
        $facts->need(F::EmergencyBoreMm, F::EmergencyBelowRimMm);
        $emergency = new OpenPipe($facts->number(F::EmergencyBoreMm), $facts->number(F::EmergencyBelowRimMm));
        $channel = null;
        if ($facts->word(F::Drains) === self::THREE_PIPES) {
            $facts->need(F::ChannelBoreMm, F::ChannelBelowRimMm);
            $channel = new OpenPipe($facts->number(F::ChannelBoreMm), $facts->number(F::ChannelBelowRimMm));
        }
        $all = fn (float $belowRimMm): float => $emergency->takesLh($belowRimMm) + ($channel?->takesLh($belowRimMm) ?? 0.0);
        $running = Overflow::of($facts)->runningBelowRimMm;
        $atRim = $all(0.0);
        if ($atRim < $flow) {
            return self::floods($facts, $atRim);
        }
        $deepest = max($emergency->inletBelowRimMm, $channel->inletBelowRimMm ?? 0.0);
        $level = $channel === null ? $deepest - DrainCapacity::levelOverOutletMm($flow, $emergency->boreMm) : $deepest - Solve::rising(fn (float $over): float => $all($deepest - $over) - $flow, 0, $deepest);
        $below = min($running, $level);
        // The pipe that is not yet full sets the level; the other takes its share.
        $channelSets = $channel !== null && ($emergency->takesLh($level) <= 0 || ! $channel->isFullAt($level));
        [$sets, $boreFact, $inletFact] = $channelSets ? [$channel, F::ChannelBoreMm, F::ChannelBelowRimMm] : [$emergency, F::EmergencyBoreMm, F::EmergencyBelowRimMm];
        $needed = $sets->inletBelowRimMm - $level;
        $parts = [
            'flow' => Quantity::of($flow, Kind::Flow), 'needed' => Quantity::of($needed, Kind::Length), 'below' => Quantity::of($below, Kind::Length), 'atRim' => Quantity::of($atRim, Kind::Flow),
            'pipes' => $channel === null ? 'the emergency' : 'the open channel and the emergency', 'sets' => $channelSets ? 'open channel' : 'emergency',
        ];
        $rows = [
            ['r', 'Water line below the rim, running', $running, Kind::Length], $facts->row('i', $inletFact), $facts->row('Q', F::FlowLh),
            ['o', 'Taken by the other open pipe', $flow - $sets->takesLh($level), Kind::Flow], $facts->row('D', $boreFact),
        ];
        $working = Working::of('Main drain blocked: water below the rim', $needed <= $sets->boreMm / 2 ? 'min(r, i - (7500*(Q - o)/3600/D)**(2/3))' : 'min(r, i - (15000*(Q - o)/3600/D**2)**2)',
            $rows, Quantity::of($below, Kind::Length), 'B-22: water over an open outlet, EN 12056-3');

        return [[
            Figure::number('blockedMm', Quantity::of($below, Kind::Length), Sentence::of('{pipes} takes all of it, {needed} over the {sets}’s inlet', ['pipes' => $channel === null ? 'emergency' : 'open channel with emergency'] + $parts), $facts->basis(), $working),
            Figure::number('blockedFloorL', Quantity::of(0, Kind::Volume), Sentence::of('nothing on the floor'), $facts->basis()),
        ], Finding::of(Severity::Fine, 'B-22', 'drain', Sentence::of('Blocked main drain: {pipes} take{s} it', ['s' => $channel === null ? 's' : ''] + $parts),
            Sentence::of('{flow} needs {needed} over the {sets}’s inlet and leaves {below} to the rim; at the rim {atRim} could go.', $parts), null, $facts->basis(), 'blockedMm')];
    }

    /** @return array{0: list<Figure>, 1: Finding} */
    private static function alone(Facts $facts): array
    {
        return self::floods($facts, 0.0);
    }

    /**
     * The open drains cannot keep up with the level at the rim: what the return chamber and the top-off add, less the room above.
     *
     * @return array{0: list<Figure>, 1: Finding}
     */
    private static function floods(Facts $facts, float $carries): array
    {
        $display = DisplayTank::of($facts);
        Overflow::of($facts);
        $sump = SumpWater::of($facts);
        $adds = $sump->usableReturnL() + TopOff::beforeStopL($facts);
        $room = $display->roomAboveL();
        $floor = max(0.0, $adds - $room);
        $below = max(0.0, $display->runningBelowRimMm - $adds / $display->vessel->insideAreaM2());
        $parts = [
            'floor' => Quantity::of($floor, Kind::Volume), 'adds' => Quantity::of($adds, Kind::Volume), 'room' => Quantity::of($room, Kind::Volume),
            'carries' => Quantity::of($carries, Kind::Flow), 'below' => Quantity::of($below, Kind::Length), 'flow' => Quantity::of($facts->number(F::FlowLh), Kind::Flow),
        ];
        $working = Working::of('Main drain blocked: on the floor', 'max(0, u + t - A*r)', [
            ['u', 'Usable return water', $sump->usableReturnL(), Kind::Volume], ['t', 'Top-off before its stop', TopOff::beforeStopL($facts), Kind::Volume],
            ['A', 'Inside area of the display', $display->vessel->insideAreaM2(), Kind::Area], ['r', 'Water line below the rim', $display->runningBelowRimMm, Kind::Length],
        ], Quantity::of($floor, Kind::Volume), 'B-22');
        $why = $carries > 0 ? 'With the level at the rim the emergency carries {carries} of {flow}.' : 'Nothing else drains the display.';

        return [[
            Figure::number('blockedMm', Quantity::of($below, Kind::Length), Sentence::of('when the return chamber has run empty'), $facts->basis()),
            Figure::number('blockedFloorL', Quantity::of($floor, Kind::Volume), Sentence::of('{adds} can come, {room} fit', $parts), $facts->basis(), $working),
        ], $floor > 0
            ? Finding::of(Severity::Stop, 'B-22', 'drain', Sentence::of('Blocked main drain puts {floor} on the floor', $parts), Sentence::of($why.' {adds} can come up, {room} fit between the water line and the rim.', $parts), Sentence::of('Give it an emergency drain that takes {flow}, or keep at most {room} in the return chamber and top-off together.', $parts), $facts->basis(), 'blockedFloorL')
            : Finding::of(Severity::Watch, 'B-22', 'drain', Sentence::of('Blocked main drain: the display rises to {below} below the rim', $parts), Sentence::of($why.' The return chamber runs empty first; the pump then runs dry.', $parts), Sentence::of('An emergency drain would keep the return running.'), $facts->basis(), 'blockedFloorL')];
    }
}
