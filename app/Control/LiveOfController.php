<?php

declare(strict_types=1);

namespace App\Control;

use App\Control\Link\LinkDevice;
use App\Control\Views\LiveView;
use Velbrin\Core\Control\Link\Seen;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** What a controller reports now, for the page where its wiring is drawn. */
final class LiveOfController
{
    /** The controller is loaded with sensors. Null: nothing reports. */
    public function of(Controller $controller, Units $units): ?LiveView
    {
        $device = LinkDevice::query()
            ->where('controller_id', $controller->id)
            ->whereNull('revoked_at')
            ->whereNotNull('heard_at')
            ->orderByDesc('heard_at')
            ->first();
        if ($device === null || $device->heard_at === null) {
            return null;
        }
        $seen = Seen::from($device->seen ?? []);
        $sight = $seen->sight($seen->lastS());
        $values = [];
        foreach ($controller->sensors as $sensor) {
            $key = $sensor->key();
            $value = $sight->probes[$key] ?? null;
            $closed = $sight->switches[$key] ?? null;
            $values[$key] = match (true) {
                $value !== null => $sensor->quantity === 'temperature'
                    ? $units->show(Quantity::of($value, Kind::Temperature))
                    : str_replace('.', $units->decimalMark, (string) round($value, 2)),
                $closed !== null => $closed ? 'wet' : 'dry',
                default => 'nothing comes',
            };
        }

        return new LiveView(
            heardAt: $device->heard_at->toIso8601ZuluString(),
            values: $values,
            on: $seen->outletsOn(),
            acts: $sight->acts,
        );
    }
}
