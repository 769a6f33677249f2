<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Always;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** What is simply on starts in the moment the head has booted, all of it at once (K-64). */
final readonly class AllOnAtBoot implements Row
{
    /** Motors have a row of their own. */
    private const MOTORS = [Job::ReturnPump, Job::CirculationPump, Job::Skimmer, Job::Chiller];

    public function code(): string
    {
        return 'K-64a';
    }

    public function look(Setup $setup): array
    {
        $places = $isOther = [];
        foreach ($setup->programme->outlets as $outlet) {
            if (! $outlet->rule instanceof Always || ! $outlet->rule->isOn) {
                continue;
            }
            $delay = (string) $outlet->powerReturnS;
            $places[$delay][] = $outlet->place;
            $isMotor = in_array(($setup->hung[$outlet->id] ?? null)?->job, self::MOTORS, true);
            $isOther[$delay] = ($isOther[$delay] ?? false) || ! $isMotor;
        }
        $found = [];
        foreach ($places as $delay => $together) {
            if (count($together) > 1 && $isOther[$delay]) {
                $found[] = Objection::of(
                    Severity::Watch,
                    $this->code(),
                    "together {$delay}",
                    Phrase::StartInTheSameMoment,
                    Phrase::WhatIsOnStartsWhenTheHeadHasBooted,
                    Phrase::SomeSecondsOfDelay,
                    ['places' => implode(', ', $together)],
                );
            }
        }

        return $found;
    }
}
