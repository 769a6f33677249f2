<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** One layer of protection against an overfill, by the failure it stops and what it cannot see (W-56, X-20). */
enum FeedLayer: string
{
    case Float = 'float';
    case Timer = 'timer';
    case Sensor = 'sensor';
    case TwoLevel = 'two-level';
    case NonReturn = 'non-return';
    case Overflow = 'overflow';
    case Tray = 'tray';
    case DrainedFloor = 'drained-floor';

    public function label(): string
    {
        return match ($this) {
            self::Float => 'mechanical float',
            self::Timer => 'timer',
            self::Sensor => 'level sensor with a valve',
            self::TwoLevel => 'two-level sensor with a longest run',
            self::NonReturn => 'non-return valve',
            self::Overflow => 'overflow pipe to a drain',
            self::Tray => 'drip tray',
            self::DrainedFloor => 'drained floor',
        };
    }

    /** Closes the line; the others lead away or hold what came. A non-return valve stops no overfilling. */
    public function stops(): bool
    {
        return in_array($this, [self::Float, self::Timer, self::Sensor, self::TwoLevel], true);
    }

    /** What it works by: two layers by one principle fail together. */
    public function principle(): string
    {
        return match ($this) {
            self::Sensor, self::TwoLevel => 'level sensor',
            default => $this->value,
        };
    }

    public function isElectric(): bool
    {
        return in_array($this, [self::Timer, self::Sensor, self::TwoLevel], true);
    }

    public function against(): string
    {
        return match ($this) {
            self::Float => 'a level that rises while it moves freely',
            self::Timer => 'any run longer than it is set for',
            self::Sensor => 'a level its sensor reads',
            self::TwoLevel => 'a level one of two sensors reads, and any run past its longest',
            self::NonReturn => 'water running back out of the tank',
            self::Overflow => 'what its bore leads away',
            self::Tray => 'the litres it holds',
            self::DrainedFloor => 'what the floor’s drain takes',
        };
    }

    public function blindTo(): string
    {
        return match ($this) {
            self::Float => 'a snail, salt or lime that holds it down',
            self::Timer => 'a level that was full before it began',
            self::Sensor => 'a dirty or fallen sensor, a valve that sticks',
            self::TwoLevel => 'a valve that sticks open',
            self::NonReturn => 'overfilling: it lets all of it in',
            self::Overflow => 'salt that thins while it runs',
            self::Tray => 'more than it holds',
            self::DrainedFloor => 'salt that thins, and what stands on the floor',
        };
    }
}
