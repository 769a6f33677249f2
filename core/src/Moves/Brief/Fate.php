<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

/** What becomes of a device or vessel (M-2). */
enum Fate: string
{
    case Reuse = 'reuse';
    case Service = 'service';
    case Replace = 'replace';
    case Sell = 'sell';

    /** It is set up again at the new place. */
    public function stays(): bool
    {
        return $this === self::Reuse || $this === self::Service;
    }

    /** Something has to come, or come back, before the day. */
    public function takesTime(): bool
    {
        return $this === self::Service || $this === self::Replace;
    }
}
