<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Guard;
use Velbrin\Core\Control\Programme\Hold;
use Velbrin\Core\Control\Programme\KnownFacts;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Outlet;
use Velbrin\Core\Control\Programme\Probe;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Seawater\Seawater;

/** A heater and its probe in waters that part when a pump stops: it heats on beside a probe that cools. */
final readonly class ProbeInOtherWater implements Row
{
    public function code(): string
    {
        return 'K-52';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->doing(Job::Heater) as $heater) {
            $probe = $heater->rule instanceof Hold ? $setup->probes[$heater->rule->probe] ?? null : null;
            $hung = $setup->hung[$heater->id];
            if ($probe === null || $hung->thermostatC !== null) {
                continue;
            }
            if ($probe->water === null || $hung->water === null) {
                $found[] = Objection::unknown($this->code(), $heater->id, $heater->place, 'which water heater and probe stand in');
            } elseif ($probe->water !== $hung->water && ! $this->isTied($setup, $heater, $hung->water)) {
                $found[] = Objection::of(
                    Severity::Fix,
                    $this->code(),
                    $heater->id,
                    Phrase::WhenTheReturnStops,
                    Phrase::WhatItStandsInReachesHarm,
                    Phrase::AGuardOnFlow,
                    ['place' => $heater->place, 'soon' => $this->soon($setup->facts, $hung->watts, $heater->rule->stopAt)],
                );
            }
        }

        return $found;
    }

    /** A guard that sees flow, or a probe in the heater’s own water. */
    private function isTied(Setup $setup, Outlet $heater, string $water): bool
    {
        foreach ($setup->programme->guards as $guard) {
            foreach ($guard->outlet === $heater->id && $guard->level <= 0 ? $guard->when : [] as $condition) {
                $beside = $setup->probes[$condition->probe ?? ''] ?? null;
                if ($condition->switch !== null || ($condition->above && $beside?->water === $water)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function soon(KnownFacts $facts, float $watts, float $fromC): string
    {
        if ($facts->sumpL === null || $facts->highHarmC === null || $watts <= 0) {
            return 'sooner than anybody can say';
        }
        $hours = ($facts->sumpL * Seawater::NEAR_J_PER_L_K * max(0.0, $facts->highHarmC - $fromC)) / $watts / 3600;

        return 'in '.round($hours, 1).' h';
    }
}
