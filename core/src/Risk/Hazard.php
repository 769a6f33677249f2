<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

/** What is asked of every system tonight (R-1, R-4, R-5, R-50, R-52). */
enum Hazard: string
{
    case HeaterStuckOn = 'heater-on';
    case HeaterStuckOff = 'heater-off';
    case TooCold = 'too-cold';
    case ReturnDead = 'return-dead';
    case PowerCut = 'power-cut';

    public function label(): string
    {
        return match ($this) {
            self::HeaterStuckOn => 'Heater stuck on',
            self::HeaterStuckOff => 'Heater stuck off',
            self::TooCold => 'Too little heat',
            self::ReturnDead => 'Return stops',
            self::PowerCut => 'Power cut',
        };
    }

    /** Whether the water grows warmer with it: which of an alarm's limits it runs into. */
    public function warms(Tonight $tank): bool
    {
        return match ($this) {
            self::HeaterStuckOn => true,
            self::HeaterStuckOff, self::TooCold, self::ReturnDead => false,
            self::PowerCut => $tank->roomC > $tank->setpointC,
        };
    }
}
