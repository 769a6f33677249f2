<?php

declare(strict_types=1);

namespace Velbrin\Core\Power;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** How long a battery carries a load: Wh·usable/(W/η + idle) (R-23). */
final class Battery
{
    /** Direct DC; inverter or UPS with its idle watts counted apart. */
    public const EFFICIENCY_DC = 0.9;

    public const EFFICIENCY_INVERTER = 0.85;

    /** Of a car battery, if it is to start the car again. */
    public const CAR_USABLE = 0.5;

    /**
     * @param  float  $efficiency  0 < η ≤ 1
     * @param  float  $idleW  what the device itself draws
     * @param  float  $usableShare  0 < share ≤ 1
     *
     * @throws OutOfRange
     */
    public static function hours(
        float $capacityWh,
        float $loadW,
        float $efficiency,
        float $idleW = 0,
        float $usableShare = 1,
    ): float {
        Guard::notNegative('capacityWh', $capacityWh);
        Guard::notNegative('loadW', $loadW);
        Guard::notNegative('idleW', $idleW);
        foreach (['efficiency' => $efficiency, 'usableShare' => $usableShare] as $field => $share) {
            if (! is_finite($share) || $share <= 0 || $share > 1) {
                throw OutOfRange::number($field, $share, Phrase::MoreThan0AndAtMost);
            }
        }
        if ($loadW + $idleW <= 0) {
            throw OutOfRange::number('loadW', $loadW, Phrase::MoreThan0WhenNothing);
        }

        return ($capacityWh * $usableShare) / ($loadW / $efficiency + $idleW);
    }
}
