<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Work;

use Velbrin\Core\Control\Job;

/** What is changed of a running system, as a small project of one or several visits (M-12, M-13, M-18). */
enum WorkKind: string
{
    case Vessel = 'vessel';
    case Overflow = 'overflow';
    case ReturnPump = 'return';
    case Lamp = 'lamp';
    case Controller = 'controller';
    case Swap = 'swap';
    case Conversion = 'conversion';

    public function label(): string
    {
        return match ($this) {
            self::Vessel => 'a vessel',
            self::Overflow => 'an overflow',
            self::ReturnPump => 'a return pump',
            self::Lamp => 'a lamp',
            self::Controller => 'a controller',
            self::Swap => 'the tank itself, since it leaks',
            self::Conversion => 'fresh water to sea water',
        };
    }

    /** The device whose place is taken; null: none is. */
    public function device(): ?Job
    {
        return match ($this) {
            self::ReturnPump => Job::ReturnPump,
            self::Lamp => Job::Light,
            self::Controller => Job::Controller,
            default => null,
        };
    }

    /** @return list<WorkVerb> */
    public function verbs(): array
    {
        return match ($this) {
            self::Swap, self::Conversion => [WorkVerb::Replace],
            default => WorkVerb::cases(),
        };
    }
}
