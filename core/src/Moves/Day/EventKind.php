<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Day;

/** What somebody of the team says on the day. */
enum EventKind: string
{
    case Began = 'began';
    case Done = 'done';
    case Drop = 'drop';
    case Reading = 'reading';
    case Gate = 'gate';
    /** So many animals went into the box; said again, the last counts. */
    case Count = 'count';
    case Loaded = 'loaded';
    case Off = 'off';
    /** So many of the box are in their new water. */
    case Home = 'home';
    /** So many of the box are in the holding. */
    case Held = 'held';
    /** So many of that animal died or are nowhere to be found: whoever says it signs for it. */
    case Lost = 'lost';
    /** So many of a line of the list went along. */
    case Taken = 'taken';
    /** So many of it came back. */
    case Back = 'back';
    case Longer = 'longer';
    case Note = 'note';

    /** Whether it says how many. */
    public function counts(): bool
    {
        return in_array($this, [self::Count, self::Home, self::Held, self::Lost, self::Taken, self::Back], true);
    }
}
