<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** How much of a sign. */
enum Grade: string
{
    case None = 'none';
    case Little = 'little';
    case Much = 'much';
}
