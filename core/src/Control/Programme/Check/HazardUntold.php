<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\AlarmOf;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;

/** A trouble this set-up can bring that nobody would be told of: too cold, too warm, water where it should not be, silence. */
final readonly class HazardUntold implements Row
{
    public function code(): string
    {
        return 'K-20g';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        if ($setup->doing(Job::Heater) !== []) {
            $isWarm = fn (AlarmOf $a): bool => ($setup->probes[$a->probe ?? ''] ?? null)?->quantity === 'temperature';
            $sides = ['low' => 'the water cools', 'high' => 'the water overheats'];
            foreach ($sides as $side => $trouble) {
                $told = array_filter($setup->alarms, fn (AlarmOf $a): bool => $isWarm($a) && $a->{$side} !== null);
                if ($told === []) {
                    $found[] = $this->untold($trouble, "temperature {$side}");
                }
            }
        }
        $floods = $setup->doing(Job::ReturnPump, Job::TopOff, Job::RoUnit) !== [];
        if ($floods && array_filter($setup->alarms, fn (AlarmOf $a): bool => $a->switch !== null) === []) {
            $found[] = $this->untold('water lies on the floor', 'floor');
        }
        if ($setup->alarms !== [] && array_filter($setup->alarms, fn (AlarmOf $a): bool => $a->isSilence) === []) {
            $found[] = $this->untold('the controller falls silent', 'silence');
        }

        return $found;
    }

    private function untold(string $trouble, string $subject): Finding
    {
        return Objection::of(
            $subject === 'silence' ? Severity::Watch : Severity::Fix,
            $this->code(),
            $subject,
            Phrase::NobodyIsToldWhen,
            Phrase::ItIsFoundAtTheNext,
            Phrase::AnAlarmOn,
            ['trouble' => $trouble],
        );
    }
}
