<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Moves\Phrase;

/**
 * Hours at the wheel: after four and a half of them 45 minutes of rest, nine in a day (the European rules for goods vehicles,
 * regulation (EC) 561/2006, articles 6 and 7, taken as house values for any vehicle; local rules go before them).
 */
final class Wheel
{
    public const STRETCH_MIN = 270;

    public const REST_MIN = 45;

    public const DAY_MIN = 540;

    /**
     * A drive in stretches with a rest between each two.
     *
     * @param  int  $sinceMin  already at the wheel since the last rest
     * @return list<int> min each; 0 first: the rest comes before leaving
     */
    public static function stretches(int $minutes, int $sinceMin = 0): array
    {
        $stretches = [];
        $most = max(0, self::STRETCH_MIN - $sinceMin);
        while ($minutes > $most) {
            $stretches[] = $most;
            $minutes -= $most;
            $most = self::STRETCH_MIN;
        }

        return [...$stretches, $minutes];
    }

    /** Minutes at the wheel since the last rest, on arriving. */
    public static function sinceRestMin(int $minutes): int
    {
        $stretches = self::stretches($minutes);

        return $stretches[count($stretches) - 1];
    }

    /** There are two to each vehicle. */
    public static function isRelieved(MoveBrief $brief): bool
    {
        return count($brief->drivers()) >= 2 * max(1, count($brief->vehicles()));
    }

    /** @return list<Finding> who drives, and whether it is too much of it */
    public static function findings(MoveBrief $brief): array
    {
        if (! $brief->kind->drives() || $brief->people === []) {
            return [];
        }
        $vehicles = max(1, count($brief->vehicles()));
        $people = count($brief->people);
        $drivers = count($brief->drivers());
        $wheelMin = 2 * StepMinutes::driving($brief->way->driveMin ?? 0) / (self::isRelieved($brief) ? 2 : 1);
        $found = [];
        if ($people < $vehicles) {
            $found[] = BoxChecks::say(
                Severity::Stop,
                'M-8',
                'move-drivers',
                [Phrase::MoreVehiclesThanPeople, Phrase::AVehicleWithoutADriverStays, Phrase::FewerVehiclesOrMorePeople],
                ['vehicles' => (string) $vehicles, 'people' => (string) $people],
            );
        } elseif ($drivers === 0) {
            $found[] = BoxChecks::say(
                Severity::Watch,
                'M-8',
                'move-driver-unsaid',
                [Phrase::NobodyHasSaidWhoDrives, Phrase::RestsArePlannedAsIfOneDrove, Phrase::TickWhoDrives],
            );
        } elseif ($drivers < $vehicles) {
            $found[] = BoxChecks::say(
                Severity::Fix,
                'M-8',
                'move-drivers-few',
                [Phrase::MoreVehiclesThanWhoDrive, Phrase::AVehicleWithoutADriverStays, Phrase::AnotherDriverOrOneVehicleLess],
                ['vehicles' => (string) $vehicles, 'drivers' => (string) $drivers],
            );
        }
        if ($wheelMin > self::DAY_MIN) {
            $found[] = BoxChecks::say(
                Severity::Fix,
                'M-8',
                'move-wheel-hours',
                [Phrase::SoLongAtTheWheel, Phrase::NobodyDrivesLongerInADay, Phrase::TwoDriversOrANightBetween],
                ['wheel' => Quantity::of($wheelMin / 60, Kind::Hours), 'most' => Quantity::of(self::DAY_MIN / 60, Kind::Hours)],
            );
        }

        return $found;
    }
}
