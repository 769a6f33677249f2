<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Measure\OutOfRange;

/**
 * Vessels that stand in rooms of their own (B-88): the heat they lose there enters every sum as one room temperature, each room's
 * weighed by the conductance of what stands in it. Evaporation follows the same mean.
 */
final class OtherRooms
{
    public static function has(Facts $facts): bool
    {
        return array_filter(
            $facts->brief->vessels,
            fn (OtherVessel $v): bool => $v->winterC !== null || $v->summerC !== null,
        ) !== [];
    }

    /**
     * The same facts, the rooms' temperatures as the water meets them.
     *
     * @param  TankHeat  $heat  of the whole system by its model
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function weighed(Facts $facts, TankHeat $heat): Facts
    {
        if (! self::has($facts)) {
            return $facts;
        }
        foreach (
            [[F::WinterC, true, $heat->coldUaWK], [F::SummerC, false, $heat->hotUaWK]] as [$field, $cold, $total]
        ) {
            if (! $facts->knows($field) || $total <= 0) {
                continue;
            }
            $room = $facts->number($field);
            $apart = 0.0;
            foreach ($facts->brief->vessels as $vessel) {
                $own = $cold ? $vessel->winterC : $vessel->summerC;
                $apart += $own === null ? 0.0 : self::conductance($vessel, $cold) * ($own - $room);
            }
            $facts = $facts->with($field, $room + $apart / $total);
        }

        return $facts;
    }

    /** What vessels in rooms of their own lose there through walls and surface on the coldest night, W. @throws Missing|OutOfRange */
    public static function lossW(Facts $facts, float $waterC): float
    {
        return array_sum(
            array_map(
                fn (OtherVessel $v): float => $v->winterC === null
                    ? 0.0
                    : self::conductance($v, true) * ($waterC - $v->winterC),
                $facts->brief->vessels,
            ),
        );
    }

    private static function conductance(OtherVessel $vessel, bool $cold): float
    {
        $heat = TankHeat::of(max(1.0, $vessel->litres()), [$vessel->surfaces()]);

        return $cold ? $heat->coldUaWK : $heat->hotUaWK;
    }
}
