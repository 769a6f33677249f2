<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic\TopOff;
use Velbrin\Core\Hydraulics\DrainCapacity;
use Velbrin\Core\Hydraulics\OpenPipe;
use Velbrin\Core\Hydraulics\Pipe;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Solve;

/**
 * One main drain blocked, the others running (B-20, B-22, B-90): the level at which the rest takes the flow, or what comes over the
 * rim when it cannot.
 */
final readonly class BlockedMain
{
    private function __construct(
        /** The rest takes all of the flow. */
        public bool $keepsUp,
        /** What the other main drains go on taking, L/h. */
        public float $othersLh,
        /** Everything that could go with the level at the rim, L/h. */
        public float $atRimLh,
        /** Where the water then stands, mm below the rim. */
        public float $belowRimMm,
        /** On the floor, L. */
        public float $floorL,
        /** What can still come up, and the room for it, L; 0 where the rest keeps up. */
        public float $addsL,
        public float $roomL,
        /** The open pipe that sets the level, its facts, and the water it needs over its inlet; null where none is needed. */
        public ?OpenPipe $sets,
        public ?F $setsBore,
        public ?F $setsInlet,
        public float $neededMm,
        public bool $hasEmergency,
    ) {
    }

    /**
     * @throws Missing
     * @throws OutOfRange
     */
    public static function of(Facts $facts): self
    {
        $facts->need(F::Drains, F::FlowLh, F::DrainBoreMm);
        $flow = $facts->number(F::FlowLh);
        $school = DrainSchool::from($facts->word(F::Drains));
        $mains = self::mains($facts);
        $others = $mains > 1 ? ($mains - 1) * self::eachLh($facts, $school) : 0.0;
        $pipes = self::openPipes($facts, $school);
        $takes = fn (float $belowMm): float => $others +
            array_sum(array_map(fn (array $p): float => $p[0]->takesLh($belowMm), $pipes));
        $running = Overflow::of($facts)->runningBelowRimMm;
        if ($others >= $flow) {
            return new self(
                keepsUp: true,
                othersLh: $others,
                atRimLh: $takes(0.0),
                belowRimMm: $running,
                floorL: 0.0,
                addsL: 0.0,
                roomL: 0.0,
                sets: null,
                setsBore: null,
                setsInlet: null,
                neededMm: 0.0,
                hasEmergency: $pipes !== [],
            );
        }
        if ($takes(0.0) < $flow) {
            return self::floods($facts, $others, $takes(0.0), $pipes !== []);
        }
        $left = $flow - $others;
        $deepest = max([0.0, ...array_map(fn (array $p): float => $p[0]->inletBelowRimMm, $pipes)]);
        $over =
            count($pipes) === 1
                ? DrainCapacity::levelOverOutletMm($left, $pipes[0][0]->boreMm)
                : Solve::rising(fn (float $over): float => $takes($deepest - $over) - $flow, 0, $deepest);
        $level = $deepest - $over;
        [$sets, $bore, $inlet] = self::sets($pipes, $level);

        return new self(
            keepsUp: true,
            othersLh: $others,
            atRimLh: $takes(0.0),
            belowRimMm: min($running, $level),
            floorL: 0.0,
            addsL: 0.0,
            roomL: 0.0,
            sets: $sets,
            setsBore: $bore,
            setsInlet: $inlet,
            neededMm: $sets->inletBelowRimMm - $level,
            hasEmergency: true,
        );
    }

    /** How many main drains there are, all alike. @throws Missing */
    public static function mains(Facts $facts): int
    {
        return (int) $facts->number(F::DrainCount);
    }

    /**
     * What one main drain carries, L/h.
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function eachLh(Facts $facts, DrainSchool $school): float
    {
        if (! $school->isSiphon()) {
            return DrainCapacity::open($facts->number(F::DrainBoreMm));
        }
        $pipe = Pipe::of($facts->number(F::DrainBoreMm), $facts->number(F::DrainLengthM), $facts->number(F::DrainSumK));

        return DrainCapacity::siphon($pipe, Levels::dropM($facts));
    }

    /**
     * @return list<array{0: OpenPipe, 1: F, 2: F}> with the facts of its bore and its inlet; the emergency first
     *
     * @throws Missing
     */
    private static function openPipes(Facts $facts, DrainSchool $school): array
    {
        $pairs = match (true) {
            $school->hasChannel() => [
                [F::EmergencyBoreMm, F::EmergencyBelowRimMm],
                [F::ChannelBoreMm, F::ChannelBelowRimMm],
            ],
            $school->hasEmergency() => [[F::EmergencyBoreMm, F::EmergencyBelowRimMm]],
            default => [],
        };
        $facts->need(...array_merge(...$pairs));

        return array_map(
            fn (array $pair): array => [new OpenPipe($facts->number($pair[0]), $facts->number($pair[1])), ...$pair],
            $pairs,
        );
    }

    /**
     * The pipe that is not yet full sets the level; the other takes its share.
     *
     * @param  list<array{0: OpenPipe, 1: F, 2: F}>  $pipes  at least one
     * @return array{0: OpenPipe, 1: F, 2: F}
     *
     * @throws OutOfRange
     */
    private static function sets(array $pipes, float $levelMm): array
    {
        $emergency = $pipes[0];
        $channel = $pipes[1] ?? null;
        $isChannel = $channel !== null && ($emergency[0]->takesLh($levelMm) <= 0 || ! $channel[0]->isFullAt($levelMm));

        return $isChannel ? $channel : $emergency;
    }

    /**
     * The rest cannot keep up with the level at the rim: what can come up, less the room above.
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function floods(Facts $facts, float $othersLh, float $atRimLh, bool $hasEmergency): self
    {
        $display = DisplayTank::of($facts);
        $adds = SumpWater::of($facts)->liftsL() + TopOff::beforeStopL($facts);
        $room = $display->roomAboveL();
        $below = max(0.0, $display->runningBelowRimMm - $adds / $display->vessel->insideAreaM2());

        return new self(
            keepsUp: false,
            othersLh: $othersLh,
            atRimLh: $atRimLh,
            belowRimMm: $below,
            floorL: max(0.0, $adds - $room),
            addsL: $adds,
            roomL: $room,
            sets: null,
            setsBore: null,
            setsInlet: null,
            neededMm: 0.0,
            hasEmergency: $hasEmergency,
        );
    }
}
