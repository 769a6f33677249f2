<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

/** Where a value stands in its band. */
enum Standing: string
{
    case Aim = 'aim';
    case Fine = 'fine';
    case Low = 'low';
    case High = 'high';
    case ActLow = 'act-low';
    case ActHigh = 'act-high';

    public function words(): string
    {
        return match ($this) {
            self::Aim => 'on aim',
            self::Fine => 'in the fine band',
            self::Low => 'below the fine band',
            self::High => 'above the fine band',
            self::ActLow => 'below the act limit',
            self::ActHigh => 'above the act limit',
        };
    }

    /** For a client's report. */
    public function plain(): string
    {
        return match ($this) {
            self::Aim, self::Fine => 'as it should be',
            self::Low => 'a little low, we watch it',
            self::High => 'a little high, we watch it',
            self::ActLow => 'too low, we act on it',
            self::ActHigh => 'too high, we act on it',
        };
    }

    public function outside(): bool
    {
        return $this !== self::Aim && $this !== self::Fine;
    }

    public function asksToAct(): bool
    {
        return $this === self::ActLow || $this === self::ActHigh;
    }
}
