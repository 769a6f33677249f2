<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

/** What a phone can say of an incident. */
enum Said: string
{
    case State = 'state';
    case Reading = 'reading';
    case Did = 'did';
    case Called = 'called';
    case Danger = 'danger';
    case Look = 'look';
    case Note = 'note';
}
