<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency\Storm;

/** What has to be carried to a system without power. */
enum Aid: string
{
    case Battery = 'battery';
    case Generator = 'generator';
    case Hands = 'hands';

    public function label(): string
    {
        return match ($this) {
            self::Battery => 'battery with air',
            self::Generator => 'generator',
            self::Hands => 'hands',
        };
    }
}
