<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** Whether a thing rides on its place's next visit. */
enum Seat: string
{
    case Rides = 'rides';
    case Waits = 'waits';
    case OwnVisit = 'own-visit';
}
