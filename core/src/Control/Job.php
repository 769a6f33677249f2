<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

/** What a device is for (K-1), with the life counted on until the company says otherwise (K-2). */
enum Job: string
{
    case Heater = 'heater';
    case ReturnPump = 'return-pump';
    case CirculationPump = 'circulation-pump';
    case Skimmer = 'skimmer';
    case Light = 'light';
    case TopOff = 'top-off';
    case Doser = 'doser';
    case Reactor = 'reactor';
    case Uv = 'uv';
    case Chiller = 'chiller';
    case Fan = 'fan';
    case Controller = 'controller';
    case Probe = 'probe';
    case FloatSwitch = 'switch';
    case Valve = 'valve';
    case RoUnit = 'ro-unit';
    case Mixer = 'mixer';
    case Battery = 'battery';
    case Other = 'other';

    public function label(): string
    {
        return match ($this) {
            self::ReturnPump => 'Return pump',
            self::CirculationPump => 'Circulation pump',
            self::TopOff => 'Top-off',
            self::Uv => 'UV',
            self::RoUnit => 'RO unit',
            self::FloatSwitch => 'Switch',
            default => ucfirst($this->value),
        };
    }

    /** Months after which it is replaced before it fails; null where age says nothing. */
    public function lifeMonths(): ?int
    {
        return match ($this) {
            self::Heater => 15,
            self::Probe => 15,
            self::ReturnPump, self::CirculationPump => 54,
            self::Skimmer => 60,
            self::Battery => 48,
            self::TopOff, self::FloatSwitch => 48,
            self::Doser => 60,
            self::Light => 84,
            self::RoUnit => 36,
            self::Uv => 12,
            self::Chiller, self::Controller => 96,
            default => null,
        };
    }
}
