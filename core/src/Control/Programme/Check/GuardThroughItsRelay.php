<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** A guard that switches off through the relay it guards: welded shut, that relay obeys nobody. */
final readonly class GuardThroughItsRelay implements Row
{
    public function code(): string
    {
        return 'K-48';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->doing(Job::Heater) as $heater) {
            $hasOther = ($setup->hung[$heater->id] ?? null)?->thermostatC !== null;
            foreach ($setup->programme->guards as $guard) {
                if ($guard->outlet === $heater->id && $guard->level <= 0 && ! $hasOther) {
                    $found[] = Objection::of(
                        Severity::Watch,
                        $this->code(),
                        $guard->id,
                        Phrase::TheGuardOfWorksThrough,
                        Phrase::ARelayThatHasWeldedShut,
                        Phrase::AThermostatOfItsOwn,
                        ['place' => $heater->place],
                    );
                    break;
                }
            }
        }

        return $found;
    }
}
