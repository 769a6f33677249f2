<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Pulse;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** A dose without a most in any 24 h, hand doses counted. */
final readonly class DoseUncapped implements Row
{
    public function code(): string
    {
        return 'K-59';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->programme->outlets as $outlet) {
            if ($outlet->rule instanceof Pulse && $outlet->rule->capMl === null) {
                $found[] = Objection::of(
                    Severity::Fix,
                    $this->code(),
                    $outlet->id,
                    Phrase::DosesWithoutAMost,
                    Phrase::AClockThatIsSet,
                    Phrase::AMostInAny24HWhat,
                    ['place' => $outlet->place],
                );
            }
        }

        return $found;
    }
}
