<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Chemistry\OxygenCourse;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Working;
use Velbrin\Core\Seawater\Air;
use Velbrin\Core\Seawater\Seawater;

/** Oxygen when the pumps stop (R-22): a battery moves the surface for its hours, then it lies still. */
final class Outage
{
    /** Stress, and loss, mg/L. */
    public const STRESS_MG_L = 4.0;

    public const LOSS_MG_L = 2.0;

    /** K_L, m/h: still water, air stone, a pump that breaks the surface. */
    public const STILL_MH = 0.01;

    public const STONE_MH = 0.03;

    public const PUMP_MH = 0.1;

    /** A second pump moves less that is new to the air than the first. */
    private const NEXT_PUMP = 0.7;

    private const UNDER_LID = 0.5;

    private const START_SHARE = 0.95;

    /** mg/(kg·h) at 25 °C; up to 500 for fish under 20 g. Doubles every 10 °C. */
    public const FISH = 300.0;

    private const SMALL_FISH = 500.0;

    /** Counted where nobody has: g of fish a litre. */
    private const ASSUMED_G_L = 1.0;

    /** @throws OutOfRange */
    public static function oxygen(Tonight $tank): Harm
    {
        $stress = self::hoursTo($tank, self::STRESS_MG_L);
        $isStill = $tank->batteryH <= 0;
        $settles = max(
            0.0,
            self::saturation($tank) - self::demandMgH($tank) / (1000 * self::STILL_MH * self::surfaceM2($tank)),
        );
        $limit = Quantity::of($stress === null ? $settles : self::STRESS_MG_L, Kind::Concentration);
        $working = $stress === null || ! $isStill ? null : self::working($tank, $stress);

        return new Harm(
            'oxygen',
            $stress,
            $limit,
            $working,
            self::hoursTo($tank, self::LOSS_MG_L),
            $tank->fishKg === null,
        );
    }

    /**
     * The return stops and power goes on: what moves the display by itself still breathes. Where nobody has written such a pump down,
     * the water may lie still (R-59).
     *
     * @return list<Harm> none where it never harms
     *
     * @throws OutOfRange
     */
    public static function withoutReturn(Tonight $tank): array
    {
        $isSure = $tank->movers !== null;
        $movedMh = self::PUMP_MH * (1 + self::NEXT_PUMP * (max(1, $tank->movers ?? 1) - 1));
        $worstMh = $isSure ? $movedMh : self::STILL_MH;
        $moved = self::steadyHoursTo($tank, $movedMh, self::STRESS_MG_L);
        $still = self::steadyHoursTo($tank, $worstMh, self::STRESS_MG_L);
        if ($still === null) {
            return [];
        }

        return [
            new Harm(
                by: 'oxygen',
                hours: $still,
                limit: Quantity::of(self::STRESS_MG_L, Kind::Concentration),
                lossHours: self::steadyHoursTo($tank, $worstMh, self::LOSS_MG_L),
                assumed: ! $isSure || $tank->fishKg === null,
                needs: $isSure ? [] : ['a pump that moves the display by itself'],
                likelyH: $isSure ? $still : $moved,
                latestH: $isSure ? $still : $moved,
            ),
        ];
    }

    /** @throws OutOfRange */
    private static function steadyHoursTo(Tonight $tank, float $exchangeMh, float $limitMgL): ?float
    {
        $saturation = self::saturation($tank);

        return OxygenCourse::of(
            $tank->breathingL(),
            $exchangeMh * self::surfaceM2($tank),
            $saturation,
            self::START_SHARE * $saturation,
            self::demandMgH($tank),
            $limitMgL,
        )->hoursToLimit;
    }

    /**
     * Hours until oxygen falls to that; null when it never does.
     *
     * @throws OutOfRange
     */
    public static function hoursTo(Tonight $tank, float $limitMgL): ?float
    {
        $surface = self::surfaceM2($tank);
        $saturation = self::saturation($tank);
        $demand = self::demandMgH($tank);
        $start = self::START_SHARE * $saturation;
        $course = fn (float $exchangeMh, float $from): ?float => OxygenCourse::of(
            $tank->breathingL(),
            $exchangeMh * $surface,
            $saturation,
            $from,
            $demand,
            $limitMgL,
        )->hoursToLimit;
        $moving = $tank->batteryH > 0 ? $course(self::batteryExchangeMh($tank), $start) : null;
        if ($moving !== null && $moving <= $tank->batteryH) {
            return $moving;
        }
        $still = $course(
            self::STILL_MH,
            $tank->batteryH > 0 ? self::after($tank, $surface, $saturation, $start, $demand) : $start,
        );

        return $still === null ? null : $tank->batteryH + $still;
    }

    /** Oxygen in water that has met air long enough, mg/L. @throws OutOfRange */
    public static function saturation(Tonight $tank): float
    {
        return Seawater::at($tank->salinity, $tank->setpointC)->oxygenSatMgL() *
            Air::share($tank->altitudeM, $tank->setpointC);
    }

    /** Surface that breathes; half of it under a lid. */
    public static function surfaceM2(Tonight $tank): float
    {
        return $tank->surfaceM2 * ($tank->lid ? self::UNDER_LID : 1.0);
    }

    /** What exchange K_L·A keeps it above stress for good, m³/h (R-53). @throws OutOfRange */
    public static function neededExchangeM3H(Tonight $tank): float
    {
        return self::demandMgH($tank) / (1000 * (self::saturation($tank) - self::STRESS_MG_L));
    }

    /** K_L of what the battery moves, m/h. */
    public static function batteryExchangeMh(Tonight $tank): float
    {
        return $tank->batteryPump ? self::PUMP_MH : self::STONE_MH;
    }

    /** Everything that breathes, mg/h. */
    public static function demandMgH(Tonight $tank): float
    {
        $fish =
            ($tank->fishKg ?? (self::ASSUMED_G_L * $tank->volumeL) / 1000) *
            ($tank->smallFish ? self::SMALL_FISH : self::FISH);

        return ($fish + $tank->community->mgPerM2H() * $tank->footprintM2) * 2 ** (($tank->setpointC - 25) / 10);
    }

    /** mg/L when the battery is empty. */
    private static function after(Tonight $tank, float $surface, float $saturation, float $start, float $demand): float
    {
        $litresH = 1000 * self::batteryExchangeMh($tank) * $surface;
        $settles = $saturation - $demand / $litresH;

        return $settles + ($start - $settles) * exp((-$litresH * $tank->batteryH) / $tank->breathingL());
    }

    private static function working(Tonight $tank, float $hours): Working
    {
        $surface = self::surfaceM2($tank);
        $saturation = self::saturation($tank);
        $start = self::START_SHARE * $saturation;
        $demand = self::demandMgH($tank);

        return Working::of(
            'Power cut: oxygen harms after',
            'V/(1000*k*A)*log((c - (s - M/(1000*k*A)))/(l - (s - M/(1000*k*A))))',
            [
                ['V', 'Water of the display', $tank->breathingL(), Kind::Volume],
                ['k', 'Exchange of a still surface, m/h', self::STILL_MH, Kind::Factor],
                ['A', 'Surface that breathes', $surface, Kind::Area],
                ['c', 'Oxygen at the start', $start, Kind::Concentration],
                ['s', 'Saturation', $saturation, Kind::Concentration],
                ['M', 'Fish and all else, mg/h', $demand, Kind::Factor],
                ['l', 'Stress', self::STRESS_MG_L, Kind::Concentration],
            ],
            Quantity::of($hours, Kind::Hours),
            'R-22: closed form',
        );
    }
}
