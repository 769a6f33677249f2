<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** A skimmer that comes back with the pump: the level is not there yet, and it boils over. */
final readonly class SkimmerBackTooSoon implements Row
{
    public function code(): string
    {
        return 'K-20n';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->doing(Job::Skimmer) as $skimmer) {
            foreach ($setup->doing(Job::ReturnPump) as $pump) {
                foreach ($pump->pauses as $group => $pause) {
                    $own = $skimmer->pauses[$group] ?? null;
                    if ($pause->level <= 0 && ($own === null || $own->lengthS <= $pause->lengthS)) {
                        $found[] = Objection::of(
                            Severity::Fix,
                            $this->code(),
                            $skimmer->id,
                            Phrase::AfterThePauseIsBackBefore,
                            Phrase::TheSumpStillStandsHigh,
                            Phrase::ALongerPauseForTheSkimmer,
                            ['group' => (string) $group, 'skimmer' => $skimmer->place, 'pump' => $pump->place],
                        );
                    }
                }
            }
        }

        return $found;
    }
}
