<?php

declare(strict_types=1);

namespace App\Control;

use App\Control\Link\LinkDevice;
use App\Control\Views\LiveView;
use App\House\Views\FindingView;
use Velbrin\Core\Control\Link\Seen;
use Velbrin\Core\Control\Programme\AlarmSight;
use Velbrin\Core\Control\Programme\LiveCheck;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** What a controller reports now, for the page where its wiring is drawn. */
final class LiveOfController
{
    /** The controller is loaded with sensors; of its set-up what runs. Null: nothing reports. */
    public function of(Controller $controller, Setup $setup, Units $units): ?LiveView
    {
        $devices = LinkDevice::query()
            ->where('controller_id', $controller->id)
            ->whereNull('revoked_at')
            ->whereNotNull('heard_at')
            ->orderBy('heard_at')
            ->get();
        $latest = $devices->last();
        if ($latest === null || $latest->heard_at === null) {
            return null;
        }
        $values = $on = $acts = $against = [];
        // Several may report for one controller: whoever was heard last has the last word.
        foreach ($devices as $device) {
            $seen = Seen::from($device->seen ?? []);
            $sight = $seen->sight($seen->lastS());
            $values = [...$values, ...$this->values($controller, $sight, $units)];
            $on = [...$on, ...$seen->outletsOn()];
            $acts = [...$acts, ...$sight->acts];
            $against = [...$against, ...LiveCheck::of($setup, $sight)];
        }

        return new LiveView(
            heardAt: $latest->heard_at->toIso8601ZuluString(),
            values: $values,
            on: $on,
            acts: array_values(array_unique($acts)),
            against: FindingView::all($against, $units),
        );
    }

    /** @return array<string, string> by sensor; of what is not reported nothing */
    private function values(Controller $controller, AlarmSight $sight, Units $units): array
    {
        $values = [];
        foreach ($controller->sensors as $sensor) {
            $value = $sight->probes[$sensor->key()] ?? null;
            $closed = $sight->switches[$sensor->key()] ?? null;
            if ($value !== null) {
                $values[$sensor->key()] = $sensor->quantity === 'temperature'
                    ? $units->show(Quantity::of($value, Kind::Temperature))
                    : str_replace('.', $units->decimalMark, (string) round($value, 2));
            } elseif ($closed !== null) {
                $values[$sensor->key()] = $closed ? 'wet' : 'dry';
            }
        }

        return $values;
    }
}
