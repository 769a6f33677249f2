<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\AlarmOf;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/**
 * An alarm that sounds while control does what it should: at or above where the first heater begins, or at or below where the first
 * cooling does. Between the first and a backup it is no nuisance: it tells that the first has failed.
 */
final readonly class AlarmInBand implements Row
{
    public function code(): string
    {
        return 'K-20c';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->alarms as $alarm) {
            $probe = $setup->probes[$alarm->probe ?? ''] ?? null;
            $limit = $this->nuisance($setup, $alarm);
            if ($probe !== null && $limit !== null) {
                $found[] = Objection::of(
                    Severity::Fix,
                    $this->code(),
                    $alarm->id,
                    Phrase::TheAlarmAtSoundsWhileControl,
                    Phrase::WhoIsCalledForNothingDoes,
                    Phrase::PutItOutsideWhatControlHolds,
                    ['alarm' => $alarm->id, 'limit' => Objection::value($limit, $probe)],
                );
            }
        }

        return $found;
    }

    private function nuisance(Setup $setup, AlarmOf $alarm): ?float
    {
        $heats = $cools = [];
        foreach ($setup->holds() as [, $hold]) {
            if ($hold->probe === $alarm->probe) {
                $hold->raises() ? ($heats[] = $hold) : ($cools[] = $hold);
            }
        }
        $firstHeat = $heats === [] ? INF : max(array_map(fn ($h): float => $h->startAt, $heats));
        $heldUpTo = $heats === [] ? -INF : max(array_map(fn ($h): float => $h->stopAt, $heats));
        $firstCool = $cools === [] ? -INF : min(array_map(fn ($h): float => $h->startAt, $cools));

        return match (true) {
            $alarm->low !== null && $alarm->low >= $firstHeat => $alarm->low,
            $alarm->high !== null && ($alarm->high <= $heldUpTo || $alarm->high <= $firstCool) => $alarm->high,
            default => null,
        };
    }
}
