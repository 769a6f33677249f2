<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** Down from heat by a change with water that is cooler and else the same, no faster than 1 °C an hour (E-7). */
final readonly class CoolByChange
{
    /** So far above its set point a change is worth the work, °C. */
    private const WARM_K = 0.5;

    /** A batch nobody warmed stands about so far below the set point, °C. */
    private const UNWARMED_K = 4.0;

    private function __construct(
        /** What one hour’s change takes out and brings in, L. */
        public float $litres,
        /** How far it lowers, °C. */
        public float $dropK,
        public float $freshC,
    ) {
    }

    /**
     * With water of the set point, and with cooler water; none while it is hardly too warm.
     *
     * @return list<self>
     *
     * @throws OutOfRange
     */
    public static function offered(float $volumeL, float $tempC, float $setpointC): array
    {
        if ($tempC < $setpointC + self::WARM_K) {
            return [];
        }
        $changes = [];
        foreach ([$setpointC, $setpointC - self::UNWARMED_K] as $freshC) {
            $changes[] = self::of($volumeL, $tempC, $setpointC, $freshC);
        }

        return array_values(array_filter($changes));
    }

    /**
     * Mixed at once: what was taken out was as warm as the tank, so V·ΔT = L·(T − fresh).
     *
     * @param  float  $tempC  where it stands
     * @param  float  $toC  where it belongs
     * @return self|null null: it is not too warm, or that water is no cooler by half a degree
     *
     * @throws OutOfRange
     */
    public static function of(float $volumeL, float $tempC, float $toC, float $freshC): ?self
    {
        Guard::positive('volumeL', $volumeL);
        Guard::within('tempC', $tempC, 0, 45);
        Guard::within('freshC', $freshC, 0, 45);
        $drop = min(TemperatureCourse::MOST_KH, $tempC - $toC);
        if ($drop <= 0 || $tempC - $freshC < self::WARM_K || $tempC - $freshC < $drop) {
            return null;
        }

        return new self(litres: ($volumeL * $drop) / ($tempC - $freshC), dropK: $drop, freshC: $freshC);
    }
}
