<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** What wears a thing: counted since it was last done (X-40). */
enum UsedBy: string
{
    case Litres = 'litres';
    case Visits = 'visits';
    case Hours = 'hours';

    public function label(): string
    {
        return match ($this) {
            self::Litres => 'litres changed',
            self::Visits => 'visits',
            self::Hours => 'hours of use',
        };
    }
}
