<?php

declare(strict_types=1);

namespace App\Emergency;

/** What has to be found in the dark by a stranger (E-8). */
enum ShutOffKind: string
{
    case Board = 'board';
    case WaterStop = 'water-stop';
    case Drains = 'drains';
    case RoomSwitch = 'room-switch';
    case Key = 'key';

    public function label(): string
    {
        return match ($this) {
            self::Board => 'Switchboard, and the breaker of the wet gear',
            self::WaterStop => 'Water stop of the filling line',
            self::Drains => 'Valves between the vessels, every drain',
            self::RoomSwitch => 'Switch of the room’s climate',
            self::Key => 'Where the key is',
        };
    }

    public function asks(): string
    {
        return match ($this) {
            self::Board => 'Cellar, left of the door, second row, breaker 7, marked tank',
            self::WaterStop => 'Under the kitchen sink, blue handle, a quarter turn',
            self::Drains => 'Behind the left door, red valve under the overflow',
            self::RoomSwitch => 'Beside the light, first door in the hall',
            self::Key => 'With the neighbour on the second floor, left',
        };
    }
}
