<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

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
                        ? 'The alarm {alarm} was never tested'
                        : 'The alarm {alarm} was last tested {days} days ago',
                    'Half of what was never tried does not ring.',
                    'Make it ring, and write down who heard it.',
                    ['alarm' => $alarm->id, 'days' => $alarm->testedDaysAgo ?? 0.0],
                );
            }
        }

        return $found;
    }
}
