<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

/** What keeps water from being ready in time (W-67). */
enum DayLimit: string
{
    case Ro = 'ro';
    case RoTank = 'ro-tank';
    case Heat = 'heat';
    case Vessels = 'vessels';
    case Hours = 'hours';

    public function label(): string
    {
        return match ($this) {
            self::Ro => 'the RO plant is too slow',
            self::RoTank => 'the RO tank is too small',
            self::Heat => 'the heating is too weak',
            self::Vessels => 'the mixing vessels are too few',
            self::Hours => 'the hours to fill, mix and test are too few',
        };
    }

    /** The same station without that limit, to see whether it binds. */
    public function lifted(Station $station): Station
    {
        return match ($this) {
            self::Ro => $station->with(roRatedLd: 1e9),
            self::RoTank => $station->with(roTankL: 1e9),
            self::Heat => $station->with(heatW: 1e9),
            self::Vessels => $station->with(
                vesselsL: [...$station->vesselsL, ...array_fill(0, 12, $station->largestL())],
            ),
            self::Hours => $station,
        };
    }
}
