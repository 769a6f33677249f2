<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Day;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Pulse;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** Plans and doses of a head that does not know what time it is stand still (K-64). */
final readonly class PlanWithoutClock implements Row
{
    public function code(): string
    {
        return 'K-64b';
    }

    public function look(Setup $setup): array
    {
        if ($setup->facts->hasClock !== false) {
            return [];
        }
        $places = [];
        foreach ($setup->programme->outlets as $outlet) {
            if ($outlet->rule instanceof Day || $outlet->rule instanceof Pulse) {
                $places[] = $outlet->place;
            }
        }

        return $places === [] ? [] : [
            Objection::of(
                Severity::Fix,
                $this->code(),
                'clock',
                Phrase::StandStillWithoutAClock,
                Phrase::TheControllerSaysItsClockIsNotRight,
                Phrase::SetItsClockAndChangeItsCell,
                ['places' => implode(', ', $places)],
            ),
        ];
    }
}
