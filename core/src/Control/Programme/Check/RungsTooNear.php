<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Probe;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** An alarm and a guard so near each other that the instruments cannot tell which comes first. */
final readonly class RungsTooNear implements Row
{
    public function code(): string
    {
        return 'K-54';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->programme->guards as $guard) {
            foreach ($guard->when as $condition) {
                $probe = $setup->probes[$condition->probe ?? ''] ?? null;
                foreach ($probe === null || $condition->limit === null ? [] : $setup->alarms as $alarm) {
                    $other = $setup->probes[$alarm->probe ?? ''] ?? null;
                    $limit = $condition->above ? $alarm->high : $alarm->low;
                    if ($other?->quantity !== $probe?->quantity || $limit === null || $probe === null || $other === null) {
                        continue;
                    }
                    $needs = self::apart($probe, $other);
                    if (abs($limit - (float) $condition->limit) < $needs - 1e-9) {
                        $found[] = Objection::of(
                            Severity::Watch,
                            $this->code(),
                            $guard->id,
                            Phrase::TheGuardOfAndLieNearer,
                            Phrase::WhichOfTheTwoComesFirst,
                            Phrase::FurtherApartOrAnAlarm,
                            ['place' => $setup->place($guard->outlet), 'alarm' => $alarm->id, 'needs' => round($needs, 3)],
                        );
                    }
                }
            }
        }

        return $found;
    }

    /** On one instrument two of its steps, on two what each may be off. */
    private static function apart(Probe $one, Probe $other): float
    {
        return $one->id === $other->id ? 2 * $one->resolution : $one->margin() + $other->margin();
    }
}
