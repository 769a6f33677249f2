<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** Whom a guard protects; people and the floor come first. */
enum GuardRank: string
{
    case People = 'people';
    case Animals = 'animals';
    case Equipment = 'equipment';

    public function weight(): int
    {
        return match ($this) {
            self::People => 3,
            self::Animals => 2,
            self::Equipment => 1,
        };
    }
}
