<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** Where a task stands today. */
enum Due: string
{
    case Early = 'early';
    case MayBeDone = 'may';
    case Due = 'due';
    case Overdue = 'overdue';
    case Suspended = 'suspended';

    public function label(): string
    {
        return match ($this) {
            self::Early => 'not yet',
            self::MayBeDone => 'may be done',
            self::Due => 'due',
            self::Overdue => 'overdue',
            self::Suspended => 'suspended, on purpose',
        };
    }
}
