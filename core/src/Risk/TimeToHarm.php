<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Heat\LimitSide;
use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Working;

/** Hours from a fault to the first harm, at tonight's room (R-21, R-22). */
final class TimeToHarm
{
    /**
     * Every way the hazard harms, the soonest first. No heater: its two hazards harm by nothing.
     *
     * @return list<Harm>
     *
     * @throws OutOfRange
     */
    public static function of(Hazard $hazard, Tonight $tank): array
    {
        $harms = match ($hazard) {
            Hazard::HeaterStuckOn => $tank->heatersW === [] ? [] : [self::stuckOn($tank)],
            Hazard::HeaterStuckOff => $tank->heatersW === [] ? [] : [self::stuckOff($tank)],
            Hazard::PowerCut => [self::withoutPower($tank), Outage::oxygen($tank)],
        };
        usort($harms, fn (Harm $a, Harm $b): int => ($a->hours ?? INF) <=> ($b->hours ?? INF));

        return $harms;
    }

    /** The largest heater alone stays on, in whatever the room is; the others obey. */
    private static function stuckOn(Tonight $tank): Harm
    {
        $power = max([...$tank->heatersW, 0.0]) + $tank->backgroundW;
        $course = $tank->heat->hotCourse($power, $tank->roomC, $tank->setpointC, $tank->highC);

        return self::harm($tank, $course, $tank->heat->hotUaWK, $power, $tank->highC, 'Heater stuck on: harm after');
    }

    /** The largest heater fails off; the others run all the time. */
    private static function stuckOff(Tonight $tank): Harm
    {
        $power = array_sum($tank->heatersW) - max([...$tank->heatersW, 0.0]) + $tank->backgroundW;
        $course = $tank->heat->coldCourse($power, $tank->roomC, $tank->setpointC, $tank->lowC);

        return self::harm($tank, $course, $tank->heat->coldUaWK, $power, $tank->lowC, 'Heater stuck off: harm after');
    }

    /** Pumps and lights give no heat; the room decides, either way. */
    private static function withoutPower(Tonight $tank): Harm
    {
        $hot = $tank->roomC > $tank->highC;
        $evaporation = $tank->heat->evaporation($tank->setpointC, $tank->roomC)->watts;
        $course = TemperatureCourse::of($tank->volumeL, $tank->heat->coldUaWK, 0, $evaporation, $tank->roomC, $tank->setpointC, 24, $hot ? $tank->highC : $tank->lowC, $hot ? LimitSide::Upper : LimitSide::Lower);

        return self::harm($tank, $course, $tank->heat->coldUaWK, 0, $hot ? $tank->highC : $tank->lowC, 'Power cut: temperature harms after');
    }

    private static function harm(Tonight $tank, TemperatureCourse $course, float $ua, float $power, float $limit, string $title): Harm
    {
        if ($course->hoursToLimit === null || $course->settlesC === null || $course->timeConstantH === null) {
            return new Harm('temperature', $course->hoursToLimit, Quantity::of($course->hoursToLimit === null ? ($course->settlesC ?? $tank->setpointC) : $limit, Kind::Temperature));
        }

        return new Harm('temperature', $course->hoursToLimit, Quantity::of($limit, Kind::Temperature), Working::of($title, 'V*1.0233*3990/3600/UA*log((T - (R + (P - E)/UA))/(H - (R + (P - E)/UA)))', [
            ['V', 'Water', $tank->volumeL, Kind::Volume], ['UA', 'Walls, bottom and surface', $ua, Kind::Conductance], ['T', 'Set point', $tank->setpointC, Kind::Temperature], ['R', 'Room tonight', $tank->roomC, Kind::Temperature],
            ['P', 'Heat that stays on', $power, Kind::Power], ['E', 'Evaporation at the start', $tank->heat->evaporation($tank->setpointC, $tank->roomC)->watts, Kind::Power], ['H', 'Harm limit', $limit, Kind::Temperature],
        ], Quantity::of($course->hoursToLimit, Kind::Hours), 'R-21: one body of water, first crossing'));
    }
}
