<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

/** What breathes beside the fish, per m² of footprint and hour (R-22). It usually exceeds them. */
enum Community: string
{
    case Few = 'few';
    case Mixed = 'mixed';
    case Dense = 'dense';

    public function label(): string
    {
        return match ($this) {
            self::Few => 'sand, few corals',
            self::Mixed => 'mixed',
            self::Dense => 'dense corals',
        };
    }

    public function mgPerM2H(): float
    {
        return match ($this) {
            self::Few => 100,
            self::Mixed => 300,
            self::Dense => 800,
        };
    }
}
