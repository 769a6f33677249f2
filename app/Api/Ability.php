<?php

declare(strict_types=1);

namespace App\Api;

/** What a token may do. */
enum Ability: string
{
    case Ask = 'ask';
    case Systems = 'systems:read';
    case Readings = 'readings:read';
    case Visits = 'visits:read';

    public function label(): string
    {
        return match ($this) {
            self::Ask => 'ask the core a question',
            self::Systems => 'read systems',
            self::Readings => 'read readings',
            self::Visits => 'read visits',
        };
    }

    /** @return array<string, string> */
    public static function labels(): array
    {
        return array_combine(
            array_column(self::cases(), 'value'),
            array_map(fn (self $a): string => $a->label(), self::cases()),
        );
    }
}
