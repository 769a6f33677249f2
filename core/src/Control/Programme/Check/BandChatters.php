<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\DeadBand;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** A band narrower than two steps of its probe: the relay follows the last digit. */
final readonly class BandChatters implements Row
{
    public function code(): string
    {
        return 'K-20b';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->holds() as [$outlet, $hold]) {
            $probe = $setup->probes[$hold->probe] ?? null;
            // In whole steps, so that 0.2 is not less than 2 × 0.1 by a hair of the floating numbers.
            if ($probe !== null && round($hold->width() / $probe->resolution, 6) < DeadBand::STEPS) {
                $found[] = Objection::of(
                    Severity::Fix,
                    $this->code(),
                    $outlet->id,
                    Phrase::SwitchesWithinLessThanTwoSteps,
                    Phrase::TheLastDigitJumpsByItself,
                    Phrase::ABandOfTwoSteps,
                    ['place' => $outlet->place],
                );
            }
        }

        return $found;
    }
}
