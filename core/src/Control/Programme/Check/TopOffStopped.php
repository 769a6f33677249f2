<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

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

/** A guard that stops the top-off: how long until the return runs dry, against how long help takes. */
final readonly class TopOffStopped implements Row
{
    public function code(): string
    {
        return 'K-62';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        $topOffs = [];
        foreach ($setup->programme->outlets as $outlet) {
            $topOffs += $outlet->rule instanceof Refill ? [$outlet->id => $outlet] : [];
        }
        foreach ($setup->programme->guards as $guard) {
            if (isset($topOffs[$guard->outlet]) && $guard->level <= 0) {
                array_push($found, ...$this->dry($setup, $guard->id, $topOffs[$guard->outlet]));
            }
        }

        return $found;
    }

    /** @return list<Finding> */
    private function dry(Setup $setup, string $guard, Outlet $topOff): array
    {
        $facts = $setup->facts;
        if ($facts->returnL === null || $facts->evaporationLd === null || $facts->evaporationLd <= 0 || $facts->helpMin === null) {
            $needs = 'the litres over the return’s inlet, what evaporates in a day, and how near help is';

            return [Objection::unknown($this->code(), $guard, $topOff->place, $needs)];
        }
        $dryH = (24 * $facts->returnL) / $facts->evaporationLd;

        return $dryH * 60 >= $facts->helpMin ? [] : [Objection::of(
            Severity::Fix,
            $this->code(),
            $guard,
            Phrase::OnceAGuardHasStopped,
            Phrase::ALatchedGuardIsRight,
            Phrase::MoreWaterOverTheInlet,
            [
                'place' => $topOff->place,
                'dry' => Quantity::of($dryH, Kind::Hours),
                'help' => Quantity::of($facts->helpMin / 60, Kind::Hours),
            ],
        )];
    }
}
