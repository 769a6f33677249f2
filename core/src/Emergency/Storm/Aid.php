<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency\Storm;

/** What has to be carried to a system without power. */
enum Aid: string
{
    case Battery = 'battery';
    case Generator = 'generator';
    case Hands = 'hands';

    /** At the place until it helps: a battery is plugged in, a generator set up outdoors and its leads laid. */
    public function minutes(): float
    {
        return match ($this) {
            self::Battery => 15.0,
            self::Generator => 35.0,
            self::Hands => 30.0,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Battery => 'battery with air',
            self::Generator => 'generator',
            self::Hands => 'hands',
        };
    }
}
