<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

/** What is carried, beside boxes. */
enum PieceKind: string
{
    case Tank = 'tank';
    case Stand = 'stand';
    case Sump = 'sump';
    case Lamp = 'lamp';
    case Rock = 'rock';
    case Sand = 'sand';
    case Barrel = 'barrel';
    case Gear = 'gear';

    /** Whether animals would die under it, or with it. */
    public function bears(): bool
    {
        return in_array($this, [self::Stand, self::Gear, self::Barrel, self::Sand], true);
    }

    /** Whether it is asked what becomes of it (M-2). */
    public function hasFate(): bool
    {
        return in_array($this, [self::Tank, self::Stand, self::Sump, self::Lamp, self::Gear], true);
    }
}
