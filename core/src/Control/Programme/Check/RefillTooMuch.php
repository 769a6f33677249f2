<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Refill;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;

/** A top-off whose longest run, or whose day, adds more fresh water than the system bears. */
final readonly class RefillTooMuch implements Row
{
    /** Of the system's water in one run. */
    private const RUN_SHARE = 0.015;

    /** Of the worst day's evaporation in any 24 h. */
    private const DAY_TIMES = 2.0;

    public function code(): string
    {
        return 'K-56';
    }

    public function look(Setup $setup): array
    {
        $facts = $setup->facts;
        $found = [];
        foreach ($setup->programme->outlets as $outlet) {
            $rule = $outlet->rule;
            // A line from the mains fills a store, not the system: FillingLineTooLong looks at it.
            if (! $rule instanceof Refill || ($setup->hung[$outlet->id] ?? null)?->job === Job::RoUnit) {
                continue;
            }
            if ($facts->volumeL === null || $facts->evaporationLd === null) {
                $found[] = Objection::unknown($this->code(), $outlet->id, $outlet->place, 'the litres, and what evaporates in a day');
            }
            $runL = $rule->longestS === null ? null : ($rule->litresPerH * $rule->longestS) / 3600;
            if ($runL !== null && $facts->volumeL !== null && $runL > self::RUN_SHARE * $facts->volumeL) {
                $found[] = Objection::of(
                    Severity::Fix,
                    $this->code(),
                    $outlet->id,
                    Phrase::OneRunOfMayAdd,
                    Phrase::ASwitchThatHangsDriesOut,
                    Phrase::AShorterLongestRun,
                    [
                        'place' => $outlet->place,
                        'run' => Quantity::of($runL, Kind::Volume),
                        'most' => Quantity::of(self::RUN_SHARE * $facts->volumeL, Kind::Volume),
                    ],
                );
            }
            $dayL = $facts->evaporationLd === null ? null : self::DAY_TIMES * $facts->evaporationLd;
            if ($dayL !== null && ($rule->mostL === null || $rule->mostL > $dayL)) {
                $found[] = Objection::of(
                    Severity::Watch,
                    $this->code(),
                    "{$outlet->id}, a day",
                    Phrase::MayAddInADay,
                    Phrase::RunsThatEachEndInTime,
                    Phrase::AtMostIn24H,
                    [
                        'place' => $outlet->place,
                        'most' => $rule->mostL === null ? 'any amount' : Quantity::of($rule->mostL, Kind::Volume),
                        'day' => Quantity::of($dayL, Kind::Volume),
                    ],
                );
            }
        }

        return $found;
    }
}
