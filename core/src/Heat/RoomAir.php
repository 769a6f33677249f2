<?php

declare(strict_types=1);

namespace Velbrin\Core\Heat;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * A room's air with a tank in it, steady: what evaporates leaves with the air that is changed. Vapour by the gas law,
 * ρ = p/(461.5·T); saturation by Alduchov & Eskridge 1996, and its inverse for the dew point.
 */
final readonly class RoomAir
{
    /** Of water vapour, J/(kg·K). */
    private const R_VAPOUR = 461.5;

    private function __construct(
        public float $humidityPct,
        public float $dewPointC,
        /** kg/m³ that fill the rest up to 100 %, and kg/h that come from the tank. */
        private float $saturatedKgM3,
        private float $tankKgH,
        private float $m3,
        private float $beforePct,
    ) {
    }

    /**
     * @param  float  $roomC  −20–50
     * @param  float  $humidityPct  without the tank
     * @param  float  $evaporationLd  into this room
     * @param  float  $m3  of air
     * @param  float  $changesH  of all its air, an hour
     *
     * @throws OutOfRange
     */
    public static function of(float $roomC, float $humidityPct, float $evaporationLd, float $m3, float $changesH): self
    {
        Guard::within('roomC', $roomC, -20, 50);
        Guard::within('humidityPct', $humidityPct, 0, 100);
        Guard::notNegative('evaporationLd', $evaporationLd);
        Guard::positive('m3', $m3);
        Guard::positive('changesH', $changesH);
        $saturated = (1000 * Evaporation::saturationKpa($roomC)) / (self::R_VAPOUR * ($roomC + 273.15));
        $tank = $evaporationLd / 24;
        $after = min(100.0, $humidityPct + (100 * $tank) / ($changesH * $m3) / $saturated);
        $log = log((max(1e-6, $after / 100) * Evaporation::saturationKpa($roomC)) / 0.61094);

        return new self($after, (243.04 * $log) / (17.625 - $log), $saturated, $tank, $m3, $humidityPct);
    }

    /** Air changes an hour that would hold that humidity; 99 where the room is damper without the tank. */
    public function changesFor(float $humidityPct): float
    {
        $room = (($humidityPct - $this->beforePct) / 100) * $this->saturatedKgM3;

        return $room <= 0 ? 99.0 : $this->tankKgH / ($room * $this->m3);
    }
}
