<?php

declare(strict_types=1);

namespace Velbrin\Core\Livestock;

enum AnimalKind: string
{
    case Fish = 'fish';
    case Coral = 'coral';
    case Other = 'other';

    public function label(): string
    {
        return match ($this) {
            self::Fish => 'fish',
            self::Coral => 'coral',
            self::Other => 'other animal',
        };
    }
}
