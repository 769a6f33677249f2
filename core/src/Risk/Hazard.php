<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Control\Job;

/** What can go wrong with a system (R-1 … R-17, R-50, R-52). What harms people has no place among them: {@see PeopleHazard} (R-61). */
enum Hazard: string
{
    case HeaterStuckOn = 'heater-on';
    case HeaterStuckOff = 'heater-off';
    case TooCold = 'too-cold';
    case ReturnDead = 'return-dead';
    case PowerCut = 'power-cut';
    case Overdose = 'overdose';
    case DoseStops = 'dose-stops';
    case TopOffOn = 'top-off-on';
    case TopOffOff = 'top-off-off';
    case ControllerDead = 'controller-dead';
    case DrainBlocked = 'drain-blocked';
    case RoomClimate = 'room-climate';
    case LampDead = 'lamp-dead';
    case Leak = 'leak';
    case LineOverflow = 'line-overflow';
    case SkimmerOverflow = 'skimmer-overflow';
    case LeftOpen = 'left-open';
    case Ammonia = 'ammonia';
    case Arrival = 'arrival';

    /** @return list<self> asked of every system each night; the others where what can fail stands there */
    public static function ofEverySystem(): array
    {
        return [self::HeaterStuckOn, self::HeaterStuckOff, self::TooCold, self::ReturnDead, self::PowerCut];
    }

    /** What has to be exchanged to end it; null: hands are enough. */
    public function needsPart(): ?Job
    {
        return match ($this) {
            self::HeaterStuckOff, self::TooCold => Job::Heater,
            self::ReturnDead => Job::ReturnPump,
            self::LampDead => Job::Light,
            default => null,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::HeaterStuckOn => 'Heater stuck on',
            self::HeaterStuckOff => 'Heater stuck off',
            self::TooCold => 'Too little heat',
            self::ReturnDead => 'Return stops',
            self::PowerCut => 'Power cut',
            self::Overdose => 'Dosing head runs on',
            self::DoseStops => 'Dosing stops',
            self::TopOffOn => 'Top-off runs on',
            self::TopOffOff => 'Top-off stops',
            self::ControllerDead => 'Controller dead',
            self::DrainBlocked => 'Drain blocked',
            self::RoomClimate => 'Room’s climate fails',
            self::LampDead => 'Lamp dead',
            self::Leak => 'A seam leaks',
            self::LineOverflow => 'Filling line runs on',
            self::SkimmerOverflow => 'Skimmer overflows',
            self::LeftOpen => 'Something left shut or paused',
            self::Ammonia => 'A death fouls the water',
            self::Arrival => 'An arrival brings disease',
        };
    }

    /** The row of the handbook it comes from. */
    public function rule(): string
    {
        return match ($this) {
            self::HeaterStuckOn, self::HeaterStuckOff => 'R-1',
            self::TooCold => 'R-50',
            self::Overdose, self::DoseStops => 'R-2',
            self::TopOffOn, self::TopOffOff => 'R-3',
            self::ReturnDead => 'R-4',
            self::PowerCut => 'R-5',
            self::ControllerDead => 'R-6',
            self::DrainBlocked => 'R-7',
            self::RoomClimate => 'R-9',
            self::LampDead => 'R-10',
            self::Leak => 'R-11',
            self::LineOverflow => 'R-12',
            self::SkimmerOverflow => 'R-13',
            self::LeftOpen => 'R-14',
            self::Ammonia => 'R-15',
            self::Arrival => 'R-17',
        };
    }

    /**
     * Whether its hours sort a fleet by who loses animals next. Water on the floor is an order of its own; of a seam nobody can say how
     * fast it goes; a death, a head that stands still and what a visit leaves are found by whoever looks or reads.
     */
    public function ranks(): bool
    {
        return ! in_array(
            $this,
            [
                self::DoseStops,
                self::TopOffOn,
                self::DrainBlocked,
                self::LineOverflow,
                self::SkimmerOverflow,
                self::Leak,
                self::LeftOpen,
                self::Ammonia,
                self::Arrival,
            ],
            true,
        );
    }

    /** Whether the water grows warmer with it: which of an alarm's limits it runs into. */
    public function warms(Tonight $tank): bool
    {
        return match ($this) {
            self::HeaterStuckOn => true,
            self::PowerCut => $tank->roomC > $tank->setpointC,
            self::RoomClimate => ($tank->waterside->roomUntemperedC ?? $tank->roomC) > $tank->setpointC,
            default => false,
        };
    }
}
