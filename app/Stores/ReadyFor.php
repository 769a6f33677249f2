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
    case Salt = 'salt';
    case Ro = 'ro';
    case Filter = 'filter';
    case Holding = 'holding';
    case Hides = 'hides';
    case Flow = 'flow';
    case Floor = 'floor';

    public function label(): string
    {
        return match ($this) {
            self::Air => 'air without mains',
            self::Power => 'power without mains',
            self::Heat => 'heat',
            self::Water => 'salt water, mixed and warm',
            self::Salt => 'dry salt',
            self::Ro => 'RO water',
            self::Filter => 'filter cartridges, carbon',
            self::Holding => 'boxes that hold animals',
            self::Hides => 'pipes to hide behind in boxes',
            self::Flow => 'a return, hose, fuses',
            self::Floor => 'water on the floor',
        };
    }
}
