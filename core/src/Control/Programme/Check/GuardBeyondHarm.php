<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Seawater\Seawater;

/** An over-heat guard so high that harm is there while the probe still lags and the delay still runs. */
final readonly class GuardBeyondHarm implements Row
{
    /** A probe follows within this, s. */
    private const LAG_S = 30.0;

    public function code(): string
    {
        return 'K-49';
    }

    public function look(Setup $setup): array
    {
        $facts = $setup->facts;
        $found = [];
        foreach ($setup->programme->guards as $guard) {
            $heats = ($setup->hung[$guard->outlet] ?? null)?->job === Job::Heater ? $setup->hung[$guard->outlet]->watts : null;
            foreach ($guard->when as $condition) {
                $probe = $setup->probes[$condition->probe ?? ''] ?? null;
                $isHeat = $probe?->quantity === 'temperature' && $condition->above && $condition->limit !== null && $heats !== null;
                if (! $isHeat) {
                    continue;
                }
                if ($facts->highHarmC === null || $facts->volumeL === null) {
                    $place = $setup->place($guard->outlet);
                    $found[] = Objection::unknown($this->code(), $guard->id, $place, 'the litres, and where heat harms');

                    continue;
                }
                $kPerS = $heats / ($facts->volumeL * Seawater::NEAR_J_PER_L_K);
                $most = $facts->highHarmC - $probe->margin() - $kPerS * (self::LAG_S + $guard->forS);
                if ($condition->limit > $most) {
                    $found[] = Objection::of(
                        Severity::Fix,
                        $this->code(),
                        $guard->id,
                        Phrase::TheGuardOfActs,
                        Phrase::UntilThenTheProbeHasLagged,
                        Phrase::AtOrBelow,
                        [
                            'place' => $setup->place($guard->outlet),
                            'limit' => Objection::value((float) $condition->limit, $probe),
                            'most' => Objection::value($most, $probe),
                        ],
                    );
                }
            }
        }

        return $found;
    }
}
