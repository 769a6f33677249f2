<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

/** What is asked of every system tonight (R-1, R-5). */
enum Hazard: string
{
    case HeaterStuckOn = 'heater-on';
    case HeaterStuckOff = 'heater-off';
    case PowerCut = 'power-cut';

    public function label(): string
    {
        return match ($this) {
            self::HeaterStuckOn => 'Heater stuck on', self::HeaterStuckOff => 'Heater stuck off', self::PowerCut => 'Power cut',
        };
    }
}
