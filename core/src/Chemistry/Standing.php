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
            self::Aim => 'on aim', self::Fine => 'in the fine band', self::Low => 'below the fine band',
            self::High => 'above the fine band', self::ActLow => 'below the act limit', self::ActHigh => 'above the act limit',
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
