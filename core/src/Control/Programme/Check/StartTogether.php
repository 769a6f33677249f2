<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** Motors that start in the same moment when power returns. */
final readonly class StartTogether implements Row
{
    public function code(): string
    {
        return 'K-20w';
    }

    public function look(Setup $setup): array
    {
        $starters = [];
        foreach ($setup->doing(Job::ReturnPump, Job::CirculationPump, Job::Skimmer, Job::Chiller) as $outlet) {
            $starters[(string) $outlet->powerReturnS][] = $outlet->place;
        }
        $found = [];
        foreach ($starters as $delay => $places) {
            if (count($places) > 1) {
                $found[] = Objection::of(
                    Severity::Watch,
                    $this->code(),
                    (string) $delay,
                    Phrase::StartInTheSameMoment,
                    Phrase::TheirStartingCurrentsAddUp,
                    Phrase::SomeSecondsOfDelay,
                    ['places' => implode(', ', $places)],
                );
            }
        }

        return $found;
    }
}
