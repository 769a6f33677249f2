<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

/** When fish are caught (M-7): both schools have good reasons. */
enum FishSchool: string
{
    case Last = 'last';
    case First = 'first';
}
