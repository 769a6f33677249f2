<?php

declare(strict_types=1);

namespace App\Stores;

/** What a part on a shelf is good for (R-41). */
enum StockState: string
{
    case Fresh = 'new';
    case Used = 'used';
    case StopGap = 'stop-gap';
    case Quarantine = 'quarantine';
    case Broken = 'broken';

    public function label(): string
    {
        return match ($this) {
            self::StopGap => 'stop-gap: old, works',
            self::Quarantine => 'from quarantine: stays there',
            default => $this->value,
        };
    }

    /** It can stand in when one fails. */
    public function counts(): bool
    {
        return $this === self::Fresh || $this === self::Used || $this === self::StopGap;
    }

    /** Nobody unpacks it hoping: it was in use before, so it has to have been tried since. */
    public function needsTest(): bool
    {
        return $this === self::Used || $this === self::StopGap;
    }
}
