<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

/** What kind of move it is. */
enum MoveKind: string
{
    case House = 'house';
    case Swap = 'swap';
    case Enlarge = 'enlarge';
    case SubTank = 'sub-tank';
    case Conversion = 'conversion';
    case Removal = 'removal';

    public function label(): string
    {
        return match ($this) {
            self::House => 'house to house',
            self::Swap => 'swap in place',
            self::Enlarge => 'enlarged or reduced',
            self::SubTank => 'sub-tank replaced',
            self::Conversion => 'fresh to marine',
            self::Removal => 'removal',
        };
    }

    /** Whether anything rides. */
    public function drives(): bool
    {
        return in_array($this, [self::House, self::Removal], true);
    }
}
