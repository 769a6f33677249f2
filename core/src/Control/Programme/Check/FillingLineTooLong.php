<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Outlet;
use Velbrin\Core\Control\Programme\Refill;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Water\RoLine;

/** A line from the mains that may run longer than its store needs at the coldest feed: what comes after that stands on the floor. */
final readonly class FillingLineTooLong implements Row
{
    public function code(): string
    {
        return 'W-63';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->programme->outlets as $outlet) {
            $isLine = ($setup->hung[$outlet->id] ?? null)?->job === Job::RoUnit;
            if ($isLine && $outlet->rule instanceof Refill && $outlet->rule->longestS !== null) {
                $found[] = $this->line($setup, $outlet, $outlet->rule, $outlet->rule->longestS);
            }
        }

        return array_values(array_filter($found));
    }

    private function line(Setup $setup, Outlet $outlet, Refill $rule, float $longestS): ?Finding
    {
        $hung = $setup->hung[$outlet->id] ?? null;
        if ($hung?->fillsL === null) {
            return Objection::unknown($this->code(), $outlet->id, $outlet->place, 'the litres from its low level to its high one');
        }
        $line = new RoLine($hung->fillsL, $rule->litresPerH, $longestS / 60, $hung->spillTakesL);
        if ($longestS <= $line->limitMin() * 60 + 1e-6) {
            return null;
        }

        return Objection::of(
            Severity::Fix,
            $this->code(),
            $outlet->id,
            Phrase::MayRunLongerThanItsStore,
            $line->floorL() === null ? Phrase::WhatRunsOnFindsNoPlaceOnRecord : Phrase::WhatRunsOnStandsOnTheFloor,
            Phrase::ALongestRunOf,
            [
                'place' => $outlet->place,
                'set' => Quantity::of($longestS / 3600, Kind::Hours),
                'limit' => Quantity::of($line->limitMin() / 60, Kind::Hours),
                'worst' => Quantity::of($line->worstL() ?? 0.0, Kind::Volume),
                'floor' => Quantity::of($line->floorL() ?? 0.0, Kind::Volume),
            ],
        );
    }
}
