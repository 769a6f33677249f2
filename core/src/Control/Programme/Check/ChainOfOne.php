<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** An alarm that reaches one person, or nobody. */
final readonly class ChainOfOne implements Row
{
    public function code(): string
    {
        return 'K-20s';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->alarms as $alarm) {
            if ($alarm->calls < 2) {
                $found[] = Objection::of(
                    Severity::Fix,
                    $this->code(),
                    $alarm->id,
                    $alarm->calls === 0 ? Phrase::TheAlarmCallsNobody : Phrase::TheAlarmCallsOnePersonOnly,
                    Phrase::WhoSleepsDrivesOrIsAway,
                    Phrase::ASecondPerson,
                    ['alarm' => $alarm->id],
                );
            }
        }

        return $found;
    }
}
