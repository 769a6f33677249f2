<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\AlarmOf;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** A backup holds the value inside the alarm limits: the first heater is dead, and nobody knows that there is no backup any more. */
final readonly class DeadHeaterMasked implements Row
{
    public function code(): string
    {
        return 'K-51';
    }

    public function look(Setup $setup): array
    {
        $heaters = $setup->doing(Job::Heater);
        if (count($heaters) < 2) {
            return [];
        }
        $found = [];
        foreach ($heaters as $heater) {
            $told = array_filter($setup->alarms, fn (AlarmOf $a): bool => $a->outlet === $heater->id && $a->mostW === null);
            if ($told === []) {
                $found[] = Objection::of(
                    Severity::Watch,
                    $this->code(),
                    $heater->id,
                    Phrase::NobodyIsToldWhenIsDead,
                    Phrase::TheValueStaysInsideTheAlarm,
                    Phrase::AnAlarmWhen,
                    ['place' => $heater->place],
                );
            }
        }

        return $found;
    }
}
