<?php

declare(strict_types=1);

namespace App\Stores;

/** What a thing stands ready for (E-1). */
enum ReadyFor: string
{
    case Air = 'air';
    case Power = 'power';
    case Heat = 'heat';
    case Water = 'water';
    case Holding = 'holding';
    case Flow = 'flow';
    case Floor = 'floor';

    public function label(): string
    {
        return match ($this) {
            self::Air => 'air without mains',
            self::Power => 'power without mains',
            self::Heat => 'heat',
            self::Water => 'salt water, salt, RO',
            self::Holding => 'boxes that hold animals',
            self::Flow => 'a return, hose, fuses',
            self::Floor => 'water on the floor',
        };
    }
}
