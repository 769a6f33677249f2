<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\ComesBack;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** How a lamp comes back after a cut: full light at once, or none until somebody presses something (K-64). */
final readonly class LampComesBack implements Row
{
    public function code(): string
    {
        return 'K-64c';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->doing(Job::Light) as $lamp) {
            if ($lamp->comesBack === ComesBack::Plan) {
                continue;
            }
            if ($lamp->comesBack === null) {
                $found[] = Objection::unknown($this->code(), $lamp->id, $lamp->place, 'how it comes back after a cut, tried');

                continue;
            }
            $isFull = $lamp->comesBack === ComesBack::Full;
            $found[] = Objection::of(
                Severity::Watch,
                $this->code(),
                $lamp->id,
                $isFull ? Phrase::ComesBackAtFullLight : Phrase::StaysDarkAfterACut,
                $isFull ? Phrase::CoralsThatStoodDarkAreBurnt : Phrase::NobodySeesItUntilTheNextVisit,
                $isFull ? Phrase::ARampAfterPowerReturns : Phrase::SetItToComeBackByItself,
                ['place' => $lamp->place],
            );
        }

        return $found;
    }
}
