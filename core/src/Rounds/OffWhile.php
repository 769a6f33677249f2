<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** What must be off during a job, and why (W-37). */
enum OffWhile: string
{
    case Skimmer = 'skimmer';
    case TopOff = 'top-off';
    case BaredHeaters = 'heater';
    case Return = 'return-pump';
    case Doser = 'doser';
    case Uv = 'uv';

    public function why(): string
    {
        return match ($this) {
            self::Skimmer => 'a higher level makes it overflow',
            self::TopOff => 'it must not “help” with fresh water',
            self::BaredHeaters => 'bared, it cracks or burns',
            self::Return => 'it would run dry',
            self::Doser => 'doses belong into moving water',
            self::Uv => 'it heats up without flow',
        };
    }
}
