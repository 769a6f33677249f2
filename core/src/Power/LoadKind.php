<?php

declare(strict_types=1);

namespace Velbrin\Core\Power;

/** What a plugged-in device does for the system: how it starts, and what becomes of it on a generator (B-61, R-45). */
enum LoadKind: string
{
    case Heater = 'heater';
    case Return = 'return';
    case Stream = 'stream';
    case Light = 'light';
    case Skimmer = 'skimmer';
    case TopOff = 'top-off';
    case Cooling = 'cooling';
    case Controller = 'controller';
    case Other = 'other';

    public function label(): string
    {
        return match ($this) {
            self::Heater => 'heater',
            self::Return => 'return pump',
            self::Stream => 'stream pump',
            self::Light => 'light',
            self::Skimmer => 'skimmer',
            self::TopOff => 'top-off or dosing',
            self::Cooling => 'chiller or fan',
            self::Controller => 'controller',
            self::Other => 'something else',
        };
    }

    /** Draws this many times its running watts for a moment; a compressor more than a pump. */
    public function startTimes(): float
    {
        return match ($this) {
            self::Return, self::Stream, self::Skimmer => 3.0,
            self::Cooling => 5.0,
            default => 1.0,
        };
    }

    /** Animals live by it for the hours of an outage. */
    public function isEssential(): bool
    {
        return in_array($this, [self::Heater, self::Return, self::Stream, self::Controller], true);
    }

    /** Moves the water: where all of it hangs on one wire, one trip stops it. */
    public function moves(): bool
    {
        return $this === self::Return || $this === self::Stream;
    }
}
