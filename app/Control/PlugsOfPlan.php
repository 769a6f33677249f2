<?php

declare(strict_types=1);

namespace App\Control;

use App\Build\BuiltFromPlan;
use App\Systems\Item;

/**
 * The circuits, strips and plugs of an accepted plan become records of the place, each to be confirmed by somebody who looks. Numbers of
 * a plan are its own: another plan's circuit 1 is another one until somebody says that it is the same.
 */
final class PlugsOfPlan
{
    private const LETTERS = 80;

    public function handle(BuiltFromPlan $built): void
    {
        $site = ['site_id' => $built->system->site_id];
        $of = fn (string $what): array => [...$site, 'name' => mb_substr("{$what}, {$built->system->name}", 0, self::LETTERS)];
        foreach ($built->plugs as ['item' => $itemId, 'device' => $device, 'circuit' => $number, 'strip' => $strip]) {
            $circuit = Circuit::query()->firstOrCreate($of("circuit {$number}"), ['rating_a' => $built->circuitA]);
            $on = Strip::query()->firstOrCreate(
                $of($strip === null ? "strip of circuit {$number}" : "strip {$strip}"),
                ['circuit_id' => $circuit->id],
            );
            $outlet = Outlet::query()->firstOrCreate($of($device), ['strip_id' => $on->id]);
            Item::query()->whereKey($itemId)->update([
                'circuit' => $circuit->name,
                'circuit_id' => $circuit->id,
                'outlet' => $outlet->name,
                'outlet_id' => $outlet->id,
            ]);
        }
        foreach ($built->controllers as $name) {
            Controller::query()->firstOrCreate($of($name), ['note' => 'from the plan; its make still to write down']);
        }
    }
}
