<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** An alarm nobody has heard within the year. */
final readonly class AlarmUntested implements Row
{
    /** A test is good for so long, days. */
    private const GOOD_DAYS = 180.0;

    public function code(): string
    {
        return 'K-20t';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->alarms as $alarm) {
            if ($alarm->testedDaysAgo === null || $alarm->testedDaysAgo > self::GOOD_DAYS) {
                $found[] = Objection::of(
                    Severity::Watch,
                    $this->code(),
                    $alarm->id,
                    $alarm->testedDaysAgo === null
                        ? Phrase::TheAlarmWasNeverTested
                        : Phrase::TheAlarmWasLastTestedDays,
                    Phrase::HalfOfWhatWasNeverTried,
                    Phrase::MakeItRing,
                    ['alarm' => $alarm->id, 'days' => $alarm->testedDaysAgo ?? 0.0],
                );
            }
        }

        return $found;
    }
}
