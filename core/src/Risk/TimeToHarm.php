<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Working;
use Velbrin\Core\Risk\Fault\TopUp;

/** Hours from a fault to the first harm, at tonight's room (R-21, R-22). */
final class TimeToHarm
{
    /**
     * Every way the hazard harms, the soonest first; none where it cannot happen or nothing lives there.
     *
     * @return list<Harm>
     *
     * @throws OutOfRange
     */
    public static function of(Hazard $hazard, Tonight $tank): array
    {
        $harms = [
            ...self::ofTemperature($hazard, $tank),
            ...Spoils::of($hazard, $tank),
        ];
        if (! $tank->hasAnimals) {
            // Nothing lives in it: what is left is water where none should be.
            $harms = array_values(array_filter($harms, fn (Harm $h): bool => $h->spills));
        }
        usort($harms, fn (Harm $a, Harm $b): int => ($a->hours ?? INF) <=> ($b->hours ?? INF));

        return $harms;
    }

    /**
     * @return list<Harm>
     *
     * @throws OutOfRange
     */
    private static function ofTemperature(Hazard $hazard, Tonight $tank): array
    {
        $course = self::temperature($hazard, $tank);
        $harms = $course === null ? [] : [self::harm($tank, $course, "{$hazard->label()}: harm after")];

        return match ($hazard) {
            Hazard::PowerCut => [...$harms, Outage::oxygen($tank), ...self::salt($tank)],
            Hazard::ReturnDead => [...$harms, ...self::sump($tank), ...Outage::withoutReturn($tank)],
            default => $harms,
        };
    }

    /** @return list<Harm> nothing makes up what evaporates; a dry return harms nothing while it stands */
    private static function salt(Tonight $tank): array
    {
        $harms = $tank->waterside?->topUp?->off() ?? [];

        return array_values(array_filter($harms, fn (Harm $h): bool => $h->by === TopUp::THICK_SALT));
    }

    /**
     * What the water's temperature does after it; null where the hazard cannot happen.
     *
     * @throws OutOfRange
     */
    public static function temperature(Hazard $hazard, Tonight $tank): ?TemperatureFault
    {
        $hasHeaters = $tank->heaters !== [];

        return match ($hazard) {
            Hazard::HeaterStuckOn => $hasHeaters ? self::stuckOn($tank) : null,
            Hazard::HeaterStuckOff => $hasHeaters ? self::stuckOff($tank) : null,
            Hazard::TooCold => self::tooCold($tank),
            Hazard::ReturnDead => self::displayAlone($tank),
            Hazard::PowerCut => self::withoutPower($tank),
            Hazard::RoomClimate => self::withoutClimate($tank),
            default => null,
        };
    }

    /** The largest group alone stays on, in whatever the room is; the others obey. */
    private static function stuckOn(Tonight $tank): TemperatureFault
    {
        $power = $tank->largestGroupW() + $tank->backgroundW;

        return new TemperatureFault(
            $tank->heat,
            $tank->volumeL,
            $tank->heat->hotUaWK,
            $power,
            $tank->roomC,
            $tank->setpointC,
            warms: true,
            heldC: $tank->setpointC,
        );
    }

    /** The largest group fails off; the others obey their thermostats. */
    private static function stuckOff(Tonight $tank): TemperatureFault
    {
        $power = $tank->heatersW() - $tank->largestGroupW() + $tank->backgroundW;

        return new TemperatureFault(
            $tank->heat,
            $tank->volumeL,
            $tank->heat->coldUaWK,
            $power,
            $tank->roomC,
            $tank->setpointC,
            warms: false,
            heldC: $tank->setpointC,
        );
    }

    /** Everything that stands in it runs, and the room decides (R-50). */
    private static function tooCold(Tonight $tank): TemperatureFault
    {
        $power = $tank->heatersW() + $tank->backgroundW;

        return new TemperatureFault(
            $tank->heat,
            $tank->volumeL,
            $tank->heat->coldUaWK,
            $power,
            $tank->roomC,
            $tank->setpointC,
            warms: false,
            heldC: $tank->setpointC,
        );
    }

    /** Heaters in the sump, and no water comes down to them: the display cools by itself (R-52). */
    private static function displayAlone(Tonight $tank): ?TemperatureFault
    {
        if ($tank->displayHeat === null || self::inSumpW($tank) <= 0) {
            return null;
        }
        $rest = array_sum(array_map(fn (Heater $h): float => $h->inSump ? 0.0 : $h->watts, $tank->heaters));
        $held = $rest > 0 ? $tank->setpointC : null;

        return new TemperatureFault(
            $tank->displayHeat,
            $tank->displayHeat->volumeL,
            $tank->displayHeat->coldUaWK,
            $rest,
            $tank->roomC,
            $tank->setpointC,
            warms: false,
            heldC: $held,
        );
    }

    /**
     * The room goes to what it is when nothing tempers it, at once: its own walls only help. Heaters obey; nothing cools (R-9).
     */
    private static function withoutClimate(Tonight $tank): ?TemperatureFault
    {
        $roomC = $tank->waterside?->roomTempered === true ? $tank->waterside->roomUntemperedC : null;
        if ($roomC === null) {
            return null;
        }
        $warms = $roomC > $tank->setpointC;

        return new TemperatureFault(
            heat: $tank->heat,
            volumeL: $tank->volumeL,
            uaWK: $warms ? $tank->heat->hotUaWK : $tank->heat->coldUaWK,
            powerW: $tank->backgroundW + ($warms ? 0.0 : $tank->heatersW()),
            roomC: $roomC,
            startC: $tank->setpointC,
            warms: $warms,
            heldC: $warms ? null : $tank->setpointC,
        );
    }

    /** Pumps and lights give no heat; the room decides, either way. */
    private static function withoutPower(Tonight $tank): TemperatureFault
    {
        return new TemperatureFault(
            $tank->heat,
            $tank->volumeL,
            $tank->heat->coldUaWK,
            0.0,
            $tank->roomC,
            $tank->setpointC,
            warms: $tank->roomC > $tank->setpointC,
        );
    }

    /**
     * The sump's own water with those heaters on whose probe stands in the cooling display, or nobody has said where.
     *
     * @return list<Harm>
     */
    private static function sump(Tonight $tank): array
    {
        $watts = array_sum(
            array_map(
                fn (Heater $h): float => $h->inSump && $h->sensesOwnVessel !== true ? $h->watts : 0.0,
                $tank->heaters,
            ),
        );
        if ($tank->sumpHeat === null || $watts <= 0) {
            return [];
        }
        $course = new TemperatureFault(
            $tank->sumpHeat,
            $tank->sumpHeat->volumeL,
            $tank->sumpHeat->hotUaWK,
            $watts,
            $tank->roomC,
            $tank->setpointC,
            warms: true,
        );
        $hours = $course->hoursTo($tank->highC);

        return $hours === null
            ? []
            : [
                new Harm(
                    'sump',
                    $hours,
                    Quantity::of($tank->highC, Kind::Temperature),
                    self::working($tank, $course, $tank->highC, $hours, 'Sump alone: harm after'),
                ),
            ];
    }

    private static function inSumpW(Tonight $tank): float
    {
        return array_sum(array_map(fn (Heater $h): float => $h->inSump ? $h->watts : 0.0, $tank->heaters));
    }

    private static function harm(Tonight $tank, TemperatureFault $course, string $title): Harm
    {
        $limit = $course->warms ? $tank->highC : $tank->lowC;
        $kelvinHours = $course->warms ? $tank->hotKh : $tank->coldKh;
        $hours = $course->hoursBeyond($limit, $kelvinHours);
        if ($hours === null) {
            return new Harm('temperature', null, Quantity::of($course->settlesC(), Kind::Temperature));
        }

        return new Harm(
            'temperature',
            $hours,
            Quantity::of($limit, Kind::Temperature),
            // The formula is of the crossing.
            $kelvinHours > 0 ? null : self::working($tank, $course, $limit, $hours, $title),
            kelvinHours: $kelvinHours,
        );
    }

    private static function working(
        Tonight $tank,
        TemperatureFault $course,
        float $limit,
        float $hours,
        string $title,
    ): ?Working {
        if ($hours <= 0 || $course->course($limit)->settlesC === null) {
            return null;
        }

        return Working::of(
            $title,
            'V*1.0233*3990/3600/UA*log((T - (R + (P - E)/UA))/(H - (R + (P - E)/UA)))',
            [
                ['V', 'Water', $course->volumeL, Kind::Volume],
                ['UA', 'Walls, bottom and surface', $course->uaWK, Kind::Conductance],
                ['T', 'Set point', $tank->setpointC, Kind::Temperature],
                ['R', 'Room tonight', $tank->roomC, Kind::Temperature],
                ['P', 'Heat that stays on', $course->powerW, Kind::Power],
                ['E', 'Evaporation at the start', $course->evaporationW(), Kind::Power],
                ['H', 'Harm limit', $limit, Kind::Temperature],
            ],
            Quantity::of($hours, Kind::Hours),
            'R-21: one body of water, first crossing',
        );
    }
}
