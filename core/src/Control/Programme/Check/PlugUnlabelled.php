<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** A plug without a label: at night it is the wrong one that is pulled. */
final readonly class PlugUnlabelled implements Row
{
    public function code(): string
    {
        return 'K-20u';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->programme->outlets as $outlet) {
            $hung = $setup->hung[$outlet->id] ?? null;
            if ($hung === null || ! $hung->isLabelled) {
                $found[] = Objection::of(
                    Severity::Watch,
                    $this->code(),
                    $outlet->id,
                    $hung === null ? Phrase::NobodyHasSaidWhatHangsOn : Phrase::ThePlugOfHasNoLabel,
                    Phrase::AtTwoInTheMorning,
                    Phrase::PrintItsLabelAndPut,
                    ['place' => $outlet->place],
                );
            }
        }

        return $found;
    }
}
