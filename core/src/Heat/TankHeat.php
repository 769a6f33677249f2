<?php

declare(strict_types=1);

namespace Velbrin\Core\Heat;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** One system's ways of losing heat: walls, bottom, surface and evaporation (B-40). */
final readonly class TankHeat
{
    /** Inner and outer film of a wall, m²K/W (EN ISO 6946). */
    private const FILMS_M2K_W = 0.13 + 0.003;

    /** Bottom through a stand, W/m²K. */
    private const BOTTOM_U = 1.5;

    /** Open surface: convective, cold case and stuck-on case, W/m²K. */
    private const SURFACE_COLD = 8.0;

    private const SURFACE_HOT = 5.0;

    /** Radiation of an open surface, W/m²K. */
    private const RADIATION = 5.7;

    private const HOOD = 2.0;

    /** Share of the computed U counted on when too much heat is the danger. */
    private const CAUTIOUS_SHARE = 0.8;

    private function __construct(
        public float $volumeL,
        public float $coldUaWK,
        public float $hotUaWK,
        /** Open surface in full shares: a closed one counts a quarter. */
        public float $evaporatingM2,
        public float $humidityPct,
    ) {
    }

    /**
     * @param  list<Surfaces>  $vessels
     *
     * @throws OutOfRange
     */
    public static function of(float $volumeL, array $vessels, float $humidityPct = 50): self
    {
        Guard::positive('volumeL', $volumeL);
        $cold = $hot = $evaporating = 0.0;
        foreach ($vessels as $vessel) {
            $solid = $vessel->wallM2 * $vessel->wallU + $vessel->bottomM2 * self::BOTTOM_U;
            $cold += $solid + $vessel->surfaceM2 * ($vessel->open ? self::SURFACE_COLD + self::RADIATION : self::HOOD);
            $hot +=
                self::CAUTIOUS_SHARE * $solid +
                $vessel->surfaceM2 * ($vessel->open ? self::SURFACE_HOT + self::RADIATION : self::HOOD);
            $evaporating += $vessel->surfaceM2 * ($vessel->open ? 1 : Evaporation::CLOSED_SHARE);
        }

        return new self($volumeL, $cold, $hot, $evaporating, $humidityPct);
    }

    /** From conductances somebody already has. @throws OutOfRange */
    public static function bare(
        float $volumeL,
        float $coldUaWK,
        float $hotUaWK,
        float $evaporatingM2,
        float $humidityPct = 50,
    ): self {
        return new self(
            Guard::positive('volumeL', $volumeL),
            Guard::notNegative('coldUaWK', $coldUaWK),
            Guard::notNegative('hotUaWK', $hotUaWK),
            Guard::notNegative('evaporatingM2', $evaporatingM2),
            Guard::within('humidityPct', $humidityPct, 0, 100),
        );
    }

    /** U of a wall of that thickness, W/m²K. */
    public static function wallU(float $thicknessMm, float $conductivityWMK): float
    {
        return 1 / (self::FILMS_M2K_W + $thicknessMm / 1000 / $conductivityWMK);
    }

    public function evaporation(float $tempC, float $roomC): Evaporation
    {
        return Evaporation::of($this->evaporatingM2, $tempC, $roomC, $this->humidityPct);
    }

    /** Heat the water loses at that temperature in a cold room, W; negative when the room warms it. */
    public function lossW(float $tempC, float $roomC): float
    {
        return $this->coldUaWK * ($tempC - $roomC) + $this->evaporation($tempC, $roomC)->watts;
    }

    /** The course with a steady heat input in a warm room, evaporation taken at the start. */
    public function hotCourse(float $powerW, float $roomC, float $startC, float $limitC): TemperatureCourse
    {
        return TemperatureCourse::of(
            volumeL: $this->volumeL,
            uaWK: $this->hotUaWK,
            powerW: $powerW,
            evaporationW: $this->evaporation($startC, $roomC)->watts,
            roomC: $roomC,
            startC: $startC,
            hours: 24,
            limitC: $limitC,
            limitSide: LimitSide::Upper,
        );
    }

    /** The course with that heat input in a cold room, evaporation taken at the start. */
    public function coldCourse(float $powerW, float $roomC, float $startC, float $limitC): TemperatureCourse
    {
        return TemperatureCourse::of(
            volumeL: $this->volumeL,
            uaWK: $this->coldUaWK,
            powerW: $powerW,
            evaporationW: $this->evaporation($startC, $roomC)->watts,
            roomC: $roomC,
            startC: $startC,
            hours: 24,
            limitC: $limitC,
            limitSide: LimitSide::Lower,
        );
    }
}
