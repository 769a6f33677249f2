<?php

declare(strict_types=1);

namespace App\Team;

/** Dispatchers and move planners are planners; installers and movers are technicians. */
enum Role: string
{
    case Owner = 'owner';
    case Planner = 'planner';
    case Technician = 'technician';
    case Client = 'client';

    public function label(): string
    {
        return ucfirst($this->value);
    }

    /** @return list<string> of those who work here */
    public static function ours(): array
    {
        return [self::Owner->value, self::Planner->value, self::Technician->value];
    }
}
