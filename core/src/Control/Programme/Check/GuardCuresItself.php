<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** A guard that clears by itself where its own act brings the value back: it goes on and off all night. */
final readonly class GuardCuresItself implements Row
{
    public function code(): string
    {
        return 'K-50';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->programme->guards as $guard) {
            $job = ($setup->hung[$guard->outlet] ?? null)?->job;
            $why = match ($job) {
                Job::ReturnPump => Phrase::StandingStillLiftsTheLastChamber,
                Job::Doser, Job::Reactor => Phrase::PHFallsByNightByItself,
                Job::TopOff => Phrase::TheLevelItSawMoves,
                Job::Heater => Phrase::TheWaterCools,
                default => null,
            };
            if ($why !== null && $guard->level <= 0 && $guard->clears !== null) {
                $found[] = Objection::of(
                    Severity::Fix,
                    $this->code(),
                    $guard->id,
                    Phrase::TheGuardOfClearsByItself,
                    $why,
                    Phrase::UntilSomebodyHasLooked,
                    ['place' => $setup->place($guard->outlet)],
                );
            }
        }

        return $found;
    }
}
