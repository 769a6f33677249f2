<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Refill;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** What adds water without a longest run: a stuck switch empties its store onto the floor. */
final readonly class RunWithoutEnd implements Row
{
    public function code(): string
    {
        return 'K-20l';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->doing(Job::TopOff, Job::RoUnit) as $outlet) {
            $isBounded = $outlet->maximumOnS !== null || ($outlet->rule instanceof Refill && $outlet->rule->longestS !== null);
            if (! $isBounded) {
                $found[] = Objection::of(
                    Severity::Stop,
                    $this->code(),
                    $outlet->id,
                    Phrase::RunsWithoutAnEnd,
                    Phrase::ASwitchThatSticksEmpties,
                    Phrase::ALongestRun,
                    ['place' => $outlet->place],
                );
            }
        }

        return $found;
    }
}
