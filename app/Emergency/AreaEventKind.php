<?php

declare(strict_types=1);

namespace App\Emergency;

use Velbrin\Core\Risk\Hazard;

/** What comes over an area, known ahead (E-10). */
enum AreaEventKind: string
{
    case PlannedCut = 'planned-cut';
    case Storm = 'storm';
    case Frost = 'frost';
    case Heat = 'heat';
    case Works = 'works';

    public function label(): string
    {
        return match ($this) {
            self::PlannedCut => 'Planned power cut',
            self::Storm => 'Storm',
            self::Frost => 'Frost',
            self::Heat => 'Heat',
            self::Works => 'Works',
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::PlannedCut => 'the power cut',
            self::Storm => 'the storm',
            self::Frost => 'the frost',
            self::Heat => 'the heat',
            self::Works => 'the works',
        };
    }

    /** Without power for so long; frost and heat come with the mains on. */
    public function isDark(): bool
    {
        return $this !== self::Frost && $this !== self::Heat;
    }

    /** @return list<Hazard> what it would bring out */
    public function hazards(): array
    {
        return match ($this) {
            self::Frost => [Hazard::TooCold, Hazard::HeaterStuckOff, Hazard::RoomClimate],
            self::Heat => [Hazard::RoomClimate, Hazard::HeaterStuckOn],
            default => [Hazard::PowerCut],
        };
    }

    /** What is done on site beforehand. */
    public function asks(): string
    {
        return match ($this) {
            self::Frost => 'heaters looked at, each run alone; covers and a spare heater there; the room’s heating asked about',
            self::Heat => 'fan and cooling run; top-off store full; lights shortened; the room’s cooling asked about',
            default => 'batteries charged and tried, air stones there; salt water and top-off full; who is at home asked; '
                .'gear kept out of water’s way (electricity from a dry place only)',
        };
    }
}
