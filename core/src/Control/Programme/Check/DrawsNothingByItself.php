<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Hold;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** An alarm on a heater that draws nothing, where its own thermostat may rightly have opened. */
final readonly class DrawsNothingByItself implements Row
{
    public function code(): string
    {
        return 'K-65';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->programme->outlets as $outlet) {
            $ownC = ($setup->hung[$outlet->id] ?? null)?->thermostatC;
            $rule = $outlet->rule;
            if ($ownC === null || ! $rule instanceof Hold || ! $rule->raises() || $ownC > $rule->stopAt) {
                continue;
            }
            foreach ($setup->alarms as $alarm) {
                if ($alarm->outlet === $outlet->id && $alarm->mostW === null) {
                    $found[] = Objection::of(
                        Severity::Watch,
                        $this->code(),
                        $alarm->id,
                        Phrase::CallsWheneverTheThermostatOfOpens,
                        Phrase::ItOpensBeforeTheControllerStops,
                        Phrase::SetItsThermostatAbove,
                        ['alarm' => $alarm->id, 'place' => $outlet->place],
                    );
                }
            }
        }

        return $found;
    }
}
