<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** Who may let an outlet do something else for a while (K-11). */
enum MayOverride: string
{
    case WorksThere = 'works-there';
    case Planners = 'planners';
    case Nobody = 'nobody';

    public function label(): string
    {
        return match ($this) {
            self::WorksThere => 'whoever works there',
            self::Planners => 'planners only',
            self::Nobody => 'nobody',
        };
    }
}
