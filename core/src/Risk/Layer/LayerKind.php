<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Layer;

/** How a protection works (R-24). */
enum LayerKind: string
{
    case Standby = 'standby';
    case Limits = 'limits';
    case Thermostat = 'thermostat';
    case CutOut = 'cut-out';
    case Float = 'float';
    case Timer = 'timer';
    case Drain = 'drain';
    case Battery = 'battery';
    case Generator = 'generator';
    case Tray = 'tray';
    case Quarantine = 'quarantine';
    case Chain = 'chain';

    public function label(): string
    {
        return match ($this) {
            self::Standby => 'standby',
            self::Limits => 'a limit of its own',
            self::Thermostat => 'second thermostat',
            self::CutOut => 'cut-out',
            self::Float => 'float',
            self::Timer => 'timer',
            self::Drain => 'emergency drain',
            self::Battery => 'battery',
            self::Generator => 'generator',
            self::Tray => 'tray, floor drain',
            self::Quarantine => 'quarantine',
            self::Chain => 'alarm and somebody who comes',
        };
    }
}
