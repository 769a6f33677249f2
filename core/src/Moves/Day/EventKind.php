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
    case Count = 'count';
    case Longer = 'longer';
    case Note = 'note';
}
