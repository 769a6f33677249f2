<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** One probe controls and alarms: when it lies, nobody notices. */
final readonly class OneProbeForBoth implements Row
{
    public function code(): string
    {
        return 'K-20h';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->holds() as [$outlet, $hold]) {
            $quantity = ($setup->probes[$hold->probe] ?? null)?->quantity;
            $others = false;
            foreach ($setup->alarms as $alarm) {
                $watched = $setup->probes[$alarm->probe ?? ''] ?? null;
                $others = $others || ($watched !== null && $watched->quantity === $quantity && $watched->id !== $hold->probe);
            }
            if ($setup->alarmsOn($hold->probe) !== [] && ! $others) {
                $found[] = Objection::of(
                    Severity::Watch,
                    $this->code(),
                    $outlet->id,
                    Phrase::OneProbeControlsAndCalls,
                    Phrase::WhenItLies,
                    Phrase::ASecondProbe,
                    ['place' => $outlet->place],
                );
            }
        }

        return $found;
    }
}
