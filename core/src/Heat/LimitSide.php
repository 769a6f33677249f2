<?php

declare(strict_types=1);

namespace Velbrin\Core\Heat;

/** Which way a limit is passed. */
enum LimitSide: string
{
    case Upper = 'upper';
    case Lower = 'lower';
}
