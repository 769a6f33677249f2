<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** What holds while a probe is missing, stale or implausible. */
enum Blind: string
{
    case Off = 'off';
    case On = 'on';
    case AsItWas = 'as-it-was';
}
