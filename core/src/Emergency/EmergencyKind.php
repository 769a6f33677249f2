<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

use Velbrin\Core\Risk\Hazard;

/** What somebody stands before (E-3). */
enum EmergencyKind: string
{
    case Tingle = 'tingle';
    case Fumes = 'fumes';
    case PowerCut = 'power-cut';
    case Hot = 'hot';
    case Cold = 'cold';
    case Flood = 'flood';
    case DrainBlocked = 'drain-blocked';
    case Overdose = 'overdose';
    case Ammonia = 'ammonia';
    case Leak = 'leak';
    case ControllerDead = 'controller-dead';
    case ReturnDead = 'return-dead';
    case NobodyHome = 'nobody-home';
    case MoveWrong = 'move-wrong';

    public function label(): string
    {
        return match ($this) {
            self::Tingle => 'A tingle at the water',
            self::Fumes => 'Gas or fumes',
            self::PowerCut => 'Power cut',
            self::Hot => 'Too hot',
            self::Cold => 'Too cold',
            self::Flood => 'Water on the floor',
            self::DrainBlocked => 'Drain blocked',
            self::Overdose => 'Overdose',
            self::Ammonia => 'Ammonia, a death',
            self::Leak => 'A seam leaks',
            self::ControllerDead => 'Controller dead',
            self::ReturnDead => 'Return dead',
            self::NobodyHome => 'Nobody home',
            self::MoveWrong => 'A move gone wrong',
        };
    }

    /** It can hurt people: nothing of the tank is touched before they are safe. */
    public function isDanger(): bool
    {
        return $this === self::Tingle || $this === self::Fumes;
    }

    /** The hazard whose hours run; null: no clock but people's. */
    public function hazard(): ?Hazard
    {
        return match ($this) {
            self::PowerCut => Hazard::PowerCut,
            self::Hot => Hazard::HeaterStuckOn,
            self::Cold => Hazard::HeaterStuckOff,
            self::Flood => Hazard::TopOffOn,
            self::DrainBlocked => Hazard::DrainBlocked,
            self::Overdose => Hazard::Overdose,
            self::Ammonia => Hazard::Ammonia,
            self::Leak => Hazard::Leak,
            self::ControllerDead => Hazard::ControllerDead,
            self::ReturnDead => Hazard::ReturnDead,
            self::Tingle, self::Fumes, self::NobodyHome, self::MoveWrong => null,
        };
    }
}
