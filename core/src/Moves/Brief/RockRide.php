<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

/** How rock is kept on its way (M-4): damp under wet cloth, or under aired water with what lives in it. */
enum RockRide: string
{
    case Damp = 'damp';
    case Submerged = 'submerged';
}
