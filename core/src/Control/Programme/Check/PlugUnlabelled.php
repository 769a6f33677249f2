<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

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
                    $hung === null ? 'Nobody has said what hangs on {place}' : 'The plug of {place} has no label',
                    'At two in the morning the wrong one is pulled.',
                    'Print its label and put it on.',
                    ['place' => $outlet->place],
                );
            }
        }

        return $found;
    }
}
