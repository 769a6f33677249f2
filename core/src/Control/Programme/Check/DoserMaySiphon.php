<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Hung;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;

/** A dosing vessel that stands higher than the end of its line, without a break: no relay stops what siphons. */
final readonly class DoserMaySiphon implements Row
{
    public function code(): string
    {
        return 'C-58';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->programme->outlets as $outlet) {
            $hung = $setup->hung[$outlet->id] ?? null;
            if ($hung?->job === Job::Doser) {
                $found[] = $this->head($outlet->id, $outlet->place, $hung);
            }
        }

        return array_values(array_filter($found));
    }

    private function head(string $outlet, string $place, Hung $hung): ?Finding
    {
        $needs = $hung->line->aboveMm === null
            ? 'how high its vessel stands over the end of its line'
            : 'whether its line has a break for air';

        return match ($hung->line->canSiphon()) {
            null => Objection::unknown($this->code(), $outlet, $place, $needs),
            false => null,
            true => Objection::of(
                Severity::Fix,
                $this->code(),
                $outlet,
                Phrase::VesselCanSiphon,
                Phrase::NoRelayStopsWhatSiphons,
                Phrase::LowerTheVesselOrBreakTheLine,
                ['place' => $place, 'above' => Quantity::of($hung->line->aboveMm ?? 0.0, Kind::Length)],
            ),
        };
    }
}
