<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Single;

/** How a thing fails. */
enum Mode: string
{
    case Dead = 'dead';
    case Stuck = 'stuck';

    public function words(): string
    {
        return $this === self::Dead ? 'is dead' : 'sticks on';
    }
}
