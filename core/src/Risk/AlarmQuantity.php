<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

/** What an alarm measures. */
enum AlarmQuantity: string
{
    case Temperature = 'temperature';
    case Oxygen = 'oxygen';
    case Power = 'power';
    case Silence = 'silence';
    case Level = 'level';
    case Leak = 'leak';

    public function label(): string
    {
        return match ($this) {
            self::Temperature => 'the water’s temperature',
            self::Oxygen => 'dissolved oxygen',
            self::Power => 'mains power',
            self::Silence => 'silence of the controller',
            self::Level => 'a water level',
            self::Leak => 'water where none should be',
        };
    }

    /** It calls at a limit, not at once. */
    public function hasLimits(): bool
    {
        return $this === self::Temperature || $this === self::Oxygen;
    }

    /** It notices that by what it is, whatever somebody ticked. */
    public function notices(Hazard $hazard): bool
    {
        $moves = [Hazard::TopOffOn, Hazard::TopOffOff, Hazard::DrainBlocked, Hazard::LineOverflow, Hazard::LeftOpen, Hazard::Leak];
        $spills = [Hazard::Leak, Hazard::TopOffOn, Hazard::DrainBlocked, Hazard::LineOverflow, Hazard::SkimmerOverflow];

        return match ($this) {
            self::Leak => in_array($hazard, $spills, true),
            self::Level => in_array($hazard, $moves, true),
            self::Silence => $hazard === Hazard::ControllerDead,
            default => false,
        };
    }
}
