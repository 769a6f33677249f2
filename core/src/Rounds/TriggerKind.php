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
    case Charge = 'charge';
    case Usage = 'usage';
    case Event = 'event';
    case Once = 'once';

    /** @return list<self> those a person chooses: its days have fields of their own, a charge asks by itself */
    public static function chosen(): array
    {
        return array_values(
            array_filter(self::cases(), fn (self $kind): bool => $kind !== self::Every && $kind !== self::Charge),
        );
    }

    public function label(): string
    {
        return match ($this) {
            self::Every => 'every so many days',
            self::Weekdays => 'on fixed weekdays',
            self::Reading => 'when a reading leaves its limit',
            self::Sign => 'when a sign is seen',
            self::RunOut => 'before a vessel runs out',
            self::Charge => 'when a charge of media is due',
            self::Usage => 'after so much use',
            self::Event => 'for a while after an event',
            self::Once => 'once',
        };
    }
}
