<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** A pause that stops the return and not the heater in the sump. */
final readonly class HeaterInStillWater implements Row
{
    public function code(): string
    {
        return 'K-20y';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->doing(Job::ReturnPump) as $pump) {
            foreach ($pump->pauses as $group => $pause) {
                foreach ($pause->level > 0 ? [] : $setup->doing(Job::Heater) as $heater) {
                    $water = ($setup->hung[$heater->id] ?? null)?->water;
                    // Where nobody has said, it may well be the sump.
                    if (($water === null || $water === 'sump') && ($heater->pauses[$group] ?? null)?->level !== 0.0) {
                        $found[] = Objection::of(
                            Severity::Fix,
                            $this->code(),
                            $heater->id,
                            Phrase::InThePauseHeatsStillWater,
                            Phrase::TheSumpGrowsHotBeside,
                            Phrase::LetItPauseWith,
                            ['group' => (string) $group, 'heater' => $heater->place, 'pump' => $pump->place],
                        );
                    }
                }
            }
        }

        return $found;
    }
}
