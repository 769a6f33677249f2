<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** What makes a job due (S-2, S-48, X-40). */
enum TriggerKind: string
{
    case Every = 'every';
    case Weekdays = 'weekdays';
    case Reading = 'reading';
    case Sign = 'sign';
    case RunOut = 'run-out';
    case Usage = 'usage';
    case Event = 'event';
    case Once = 'once';

    public function label(): string
    {
        return match ($this) {
            self::Every => 'every so many days',
            self::Weekdays => 'on fixed weekdays',
            self::Reading => 'when a reading leaves its limit',
            self::Sign => 'when a sign is seen',
            self::RunOut => 'before a vessel runs out',
            self::Usage => 'after so much use',
            self::Event => 'for a while after an event',
            self::Once => 'once',
        };
    }
}
