<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Single;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Risk\Hazard;

/** What a system cannot be without (R-46). */
enum CriticalFunction: string
{
    case Heat = 'heat';
    case Cooling = 'cooling';
    case Flow = 'flow';
    case Air = 'air';
    case Level = 'level';
    case Light = 'light';
    case Dosing = 'dosing';
    case Power = 'power';
    case Alarm = 'alarm';

    public function label(): string
    {
        return match ($this) {
            self::Air => 'Air, movement',
            self::Flow => 'Flow through the sump',
            default => ucfirst($this->value),
        };
    }

    /** @return list<Job> what carries it */
    public function jobs(): array
    {
        return match ($this) {
            self::Heat => [Job::Heater],
            self::Cooling => [Job::Chiller, Job::Fan],
            self::Flow => [Job::ReturnPump],
            self::Air => [Job::CirculationPump, Job::ReturnPump, Job::Skimmer],
            self::Level => [Job::TopOff],
            self::Light => [Job::Light],
            self::Dosing => [Job::Doser, Job::Reactor],
            self::Power => [Job::Battery],
            self::Alarm => [],
        };
    }

    /** What happens without it: an alarm on that notices. */
    public function hazard(): Hazard
    {
        return match ($this) {
            self::Heat => Hazard::HeaterStuckOff,
            self::Cooling => Hazard::RoomClimate,
            self::Flow => Hazard::ReturnDead,
            self::Air, self::Power => Hazard::PowerCut,
            self::Level => Hazard::TopOffOff,
            self::Dosing => Hazard::DoseStops,
            self::Light => Hazard::LampDead,
            self::Alarm => Hazard::ControllerDead,
        };
    }
}
