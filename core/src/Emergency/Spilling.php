<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

/** Where the water runs out (K-15). */
enum Spilling: string
{
    case Display = 'display';
    case Sump = 'sump';
    case Unknown = 'unknown';

    public function label(): string
    {
        return match ($this) {
            self::Display => 'over the display',
            self::Sump => 'over the sump',
            self::Unknown => 'nobody can see where',
        };
    }
}
