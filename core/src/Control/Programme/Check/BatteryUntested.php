<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;

/** A battery nobody has tried under load for half a year is a hope (K-20z). */
final readonly class BatteryUntested implements Row
{
    private const GOOD_DAYS = 180.0;

    public function code(): string
    {
        return 'K-20z';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->doing(Job::Battery) as $outlet) {
            $days = ($setup->hung[$outlet->id] ?? null)?->testedDaysAgo;
            if ($days !== null && $days <= self::GOOD_DAYS) {
                continue;
            }
            $found[] = Objection::of(
                Severity::Fix,
                $this->code(),
                $outlet->id,
                $days === null ? Phrase::HasNeverBeenTriedUnderLoad : Phrase::WasTriedUnderLoadAgo,
                Phrase::ABatteryAgesWithoutAWord,
                Phrase::PullTheMainsAndTakeTheTime,
                ['place' => $outlet->place, ...$days === null ? [] : ['days' => Quantity::of($days, Kind::Days)]],
            );
        }

        return $found;
    }
}
