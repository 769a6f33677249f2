<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Control\Job;

/** Turns what each outlet does, and what is broken, into what happens to the water. */
final class Workshop
{
    /** @var list<Device> those that hold themselves off */
    private readonly array $thermostats;

    private ?Deeds $last = null;

    /** @var array<string, float> of which the last deeds came */
    private array $levels = [];

    /** @var list<Fault> likewise */
    private array $faults = [];

    /** @var list<bool> likewise, of those that hold themselves off */
    private array $rest = [];

    public function __construct(private readonly PlantSpec $plant)
    {
        $this->thermostats = array_values(array_filter($plant->devices, fn (Device $d): bool => $d->thermostatC !== null));
    }

    /** @param  array<string, float>  $levels  of outlets, 0 to 1 */
    public function deeds(array $levels, Broken $broken, State $s): Deeds
    {
        $rest = [];
        foreach ($this->thermostats as $device) {
            $rest[] = $this->rests($device, $s);
        }
        if ($this->last !== null && $levels === $this->levels && $broken->faults === $this->faults && $rest === $this->rest) {
            // The same array is found alike at once, its copy by all its values.
            $this->levels = $levels;

            return $this->last;
        }
        [$this->levels, $this->faults, $this->rest] = [$levels, $broken->faults, $rest];

        return $this->last = $this->done($levels, $broken, $s);
    }

    /** @param  array<string, float>  $levels */
    private function done(array $levels, Broken $broken, State $s): Deeds
    {
        $deeds = new Deeds();
        foreach ($this->plant->devices as $id => $device) {
            $outlet = (string) $id;
            $level = $levels[$outlet] ?? 0.0;
            if ($broken->faults === []) {
                if ($level > 0 && ! $this->rests($device, $s)) {
                    $this->work($outlet, $device, $level, false, $deeds);
                }

                continue;
            }
            $this->brokenDevice($outlet, $device, $level, $broken, $s, $deeds);
        }

        return $deeds;
    }

    public function drawsW(string $outlet, float $level, Broken $broken, State $s): float
    {
        $deeds = new Deeds();
        $this->brokenDevice($outlet, $this->plant->devices[$outlet], $level, $broken, $s, $deeds);

        return $broken->hasPower() ? $deeds->drawsW : 0.0;
    }

    private function brokenDevice(string $outlet, Device $device, float $level, Broken $broken, State $s, Deeds $deeds): void
    {
        $isWelded = $broken->hasPower() && $broken->find(FaultKind::RelayWelded, $outlet) !== null;
        $level = $isWelded ? 1.0 : $level;
        $siphon = $broken->find(FaultKind::DoserSiphon, $outlet);
        if ($siphon !== null) {
            $deeds->dosesMlMin[$outlet] = $siphon->value;
        }
        $isDead = $broken->find(FaultKind::LoadDead, $outlet) !== null;
        $rests = $this->rests($device, $s) && $broken->find(FaultKind::ThermostatWelded, $outlet) === null;
        if ($level > 0 && ! $isDead && ! $rests) {
            $this->work($outlet, $device, $level, $broken->find(FaultKind::VesselEmpty, $outlet) !== null, $deeds);
        }
    }

    /** Its own thermostat holds it off. */
    private function rests(Device $device, State $s): bool
    {
        return $device->thermostatC !== null && $s->water($device->body)->tempC >= $device->thermostatC;
    }

    private function work(string $outlet, Device $device, float $level, bool $isEmpty, Deeds $deeds): void
    {
        $deeds->drawsW += $device->watts * $level;
        $heatW = $device->watts * $level * $device->heatShare - $device->coolsW * $level;
        if ($device->body === Body::Sump && $this->plant->sump !== null) {
            $deeds->sumpHeatW += $heatW;
        } else {
            $deeds->heatW += $heatW;
        }
        match ($device->job) {
            Job::ReturnPump => $deeds->returnLh += $device->litresPerH * $level,
            Job::TopOff => $deeds->topOffLh += $isEmpty ? 0.0 : $device->litresPerH * $level,
            Job::RoUnit => $deeds->roLh += $device->litresPerH * $level,
            Job::Skimmer => $deeds->skimmerLh += $device->litresPerH * $level,
            Job::CirculationPump => $deeds->isMoved = true,
            Job::Fan => $deeds->isFanned = true,
            Job::Light => $deeds->light = max($deeds->light, $level),
            Job::Doser, Job::Reactor => $deeds->dosesMlMin[$outlet] = ($isEmpty ? 0.0 : $device->mlPerMin * $level)
                + ($deeds->dosesMlMin[$outlet] ?? 0.0),
            default => null,
        };
    }
}
