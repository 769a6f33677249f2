<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\AlarmOf;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** A guard that acts and nobody is told. */
final readonly class GuardUntold implements Row
{
    public function code(): string
    {
        return 'K-20f';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->programme->guards as $guard) {
            $isTold = array_filter($setup->alarms, fn (AlarmOf $a): bool => $a->act === $guard->id && $a->calls > 0);
            if ($isTold === []) {
                $found[] = Objection::of(
                    Severity::Fix,
                    $this->code(),
                    $guard->id,
                    Phrase::TheGuardOfWillAct,
                    Phrase::TheValueMayNeverReach,
                    Phrase::AnAlarmOnTheAct,
                    ['place' => $setup->place($guard->outlet)],
                );
            }
        }

        return $found;
    }
}
