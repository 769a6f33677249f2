<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Pulse;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** Doses in the hour that is skipped in spring and there twice in autumn. */
final readonly class PulseAtClockChange implements Row
{
    /** Where clocks are changed they are changed between these, minutes of the day. */
    private const FROM_MIN = 60.0;

    private const UNTIL_MIN = 180.0;

    public function code(): string
    {
        return 'K-20v';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->programme->outlets as $outlet) {
            if (! $outlet->rule instanceof Pulse) {
                continue;
            }
            $then = array_filter($outlet->rule->minutes, fn (float $m): bool => $m > self::FROM_MIN && $m < self::UNTIL_MIN);
            if ($then !== []) {
                $found[] = Objection::of(
                    Severity::Watch,
                    $this->code(),
                    $outlet->id,
                    Phrase::DosesBetweenOneAndThree,
                    Phrase::InSpringThatHourIsSkipped,
                    Phrase::OtherTimesNothingIsLost,
                    ['place' => $outlet->place],
                );
            }
        }

        return $found;
    }
}
