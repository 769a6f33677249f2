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

    public const PUMP_MH = 0.10;

    private const UNDER_LID = 0.5;

    private const START_SHARE = 0.95;

    /** mg/(kg·h) at 25 °C; up to 500 for fish under 20 g. Doubles every 10 °C. */
    private const FISH = 300.0;

    private const SMALL_FISH = 500.0;

    /** Counted where nobody has: g of fish a litre. */
    private const ASSUMED_G_L = 1.0;

    /** @throws OutOfRange */
    public static function oxygen(Tonight $tank): Harm
    {
        $saturation = Seawater::at($tank->salinity, $tank->setpointC)->oxygenSatMgL() * Air::share($tank->altitudeM, $tank->setpointC);
        $surface = $tank->surfaceM2 * ($tank->lid ? self::UNDER_LID : 1.0);
        $demand = self::demandMgH($tank);
        $start = self::START_SHARE * $saturation;
        $hours = function (float $limit) use ($tank, $surface, $demand, $saturation, $start): ?float {
            $moving = OxygenCourse::of($tank->breathingL(), ($tank->batteryPump ? self::PUMP_MH : self::STONE_MH) * $surface, $saturation, $start, $demand, $limit);
            if ($tank->batteryH > 0 && $moving->hoursToLimit !== null && $moving->hoursToLimit <= $tank->batteryH) {
                return $moving->hoursToLimit;
            }
            $left = $tank->batteryH > 0 ? self::after($tank, $surface, $saturation, $start, $demand) : $start;
            $still = OxygenCourse::of($tank->breathingL(), self::STILL_MH * $surface, $saturation, $left, $demand, $limit)->hoursToLimit;

            return $still === null ? null : $tank->batteryH + $still;
        };
        $stress = $hours(self::STRESS_MG_L);
        $working = $stress === null || $tank->batteryH > 0 ? null : self::working($tank, $surface, $saturation, $start, $demand, $stress);

        return new Harm('oxygen', $stress, Quantity::of($stress === null ? max(0.0, $saturation - $demand / (1000 * self::STILL_MH * $surface)) : self::STRESS_MG_L, Kind::Concentration), $working, $hours(self::LOSS_MG_L), $tank->fishKg === null);
    }

    /** Everything that breathes, mg/h. */
    public static function demandMgH(Tonight $tank): float
    {
        $fish = ($tank->fishKg ?? self::ASSUMED_G_L * $tank->volumeL / 1000) * ($tank->smallFish ? self::SMALL_FISH : self::FISH);

        return ($fish + $tank->community->mgPerM2H() * $tank->footprintM2) * 2 ** (($tank->setpointC - 25) / 10);
    }

    /** mg/L when the battery is empty. */
    private static function after(Tonight $tank, float $surface, float $saturation, float $start, float $demand): float
    {
        $litresH = 1000 * ($tank->batteryPump ? self::PUMP_MH : self::STONE_MH) * $surface;
        $settles = $saturation - $demand / $litresH;

        return $settles + ($start - $settles) * exp(-$litresH * $tank->batteryH / $tank->breathingL());
    }

    private static function working(Tonight $tank, float $surface, float $saturation, float $start, float $demand, float $hours): Working
    {
        return Working::of('Power cut: oxygen harms after', 'V/(1000*k*A)*log((c - (s - M/(1000*k*A)))/(l - (s - M/(1000*k*A))))', [
            ['V', 'Water of the display', $tank->breathingL(), Kind::Volume], ['k', 'Exchange of a still surface, m/h', self::STILL_MH, Kind::Factor], ['A', 'Surface that breathes', $surface, Kind::Area],
            ['c', 'Oxygen at the start', $start, Kind::Concentration], ['s', 'Saturation', $saturation, Kind::Concentration], ['M', 'Fish and all else, mg/h', $demand, Kind::Factor], ['l', 'Stress', self::STRESS_MG_L, Kind::Concentration],
        ], Quantity::of($hours, Kind::Hours), 'R-22: closed form');
    }
}
