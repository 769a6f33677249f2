<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Power\LoadKind;
use Velbrin\Core\Power\PowerTree;

/**
 * What a running system keeps on a generator, what waits and what must not run (R-45): the least it must give, and what it burns. A
 * generator stands outdoors, and an electrician puts in what connects it.
 */
final readonly class OnGenerator
{
    private const H_A_DAY = 24;

    /**
     * @param  list<string>  $kept
     * @param  list<string>  $waits
     * @param  list<string>  $stops
     * @param  list<string>  $needs  kept, and nobody has said what they draw: it must give more than said here
     */
    private function __construct(
        public array $kept,
        public array $waits,
        public array $stops,
        public array $needs,
        /** Running, W. */
        public float $keptW,
        /** The largest start of one of them on top, over 0.8, W. */
        public float $leastW,
        /** With all of it on all day, L of petrol. */
        public float $fuelLd,
    ) {
    }

    /** @param  list<array{name: string, job: Job, watts: float|null}>  $devices  that stand there and work */
    public static function of(array $devices): self
    {
        $kept = $waits = $stops = $needs = [];
        $keptW = $surgeW = 0.0;
        foreach ($devices as $device) {
            $kind = self::kind($device['job']);
            if ($kind === null) {
                continue;
            }
            if ($kind === LoadKind::TopOff) {
                $stops[] = $device['name'];
            } elseif (! $kind->isEssential()) {
                $waits[] = $device['name'];
            } else {
                $kept[] = $device['name'];
                $watts = $device['watts'] ?? 0.0;
                $keptW += $watts;
                $surgeW = max($surgeW, ($kind->startTimes() - 1) * $watts);
                $needs = $device['watts'] === null ? [...$needs, $device['name']] : $needs;
            }
        }

        return new self(
            kept: $kept,
            waits: $waits,
            stops: $stops,
            needs: $needs,
            keptW: $keptW,
            leastW: ($keptW + $surgeW) / PowerTree::ALL_DAY,
            fuelLd: (PowerTree::FUEL_L_KWH * $keptW * self::H_A_DAY) / 1000,
        );
    }

    /** Null: it draws nothing worth counting, or lives by itself. */
    private static function kind(Job $job): ?LoadKind
    {
        return match ($job) {
            Job::Heater => LoadKind::Heater,
            Job::ReturnPump => LoadKind::Return,
            Job::CirculationPump => LoadKind::Stream,
            Job::Light => LoadKind::Light,
            Job::Skimmer => LoadKind::Skimmer,
            Job::TopOff, Job::Doser, Job::RoUnit, Job::Valve => LoadKind::TopOff,
            Job::Chiller, Job::Fan => LoadKind::Cooling,
            Job::Controller => LoadKind::Controller,
            Job::Reactor, Job::Uv, Job::Mixer, Job::Other => LoadKind::Other,
            Job::Probe, Job::FloatSwitch, Job::Battery => null,
        };
    }
}
