<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
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
                Job::ReturnPump => 'Standing still lifts the last chamber by what drains down, and it starts again, hundreds of times.',
                Job::Doser, Job::Reactor => 'pH falls by night by itself, and each evening it doses on.',
                Job::TopOff => 'The level it saw moves with every wave, and it fills again.',
                Job::Heater => 'The water cools, and the fault heats on.',
                default => null,
            };
            if ($why !== null && $guard->level <= 0 && $guard->clears !== null) {
                $found[] = Objection::of(
                    Severity::Fix,
                    $this->code(),
                    $guard->id,
                    'The guard of {place} clears by itself',
                    $why,
                    'Until somebody has looked.',
                    ['place' => $setup->place($guard->outlet)],
                );
            }
        }

        return $found;
    }
}
