<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** What follows when an outlet was on for as long as it may be. */
enum AfterMaximum: string
{
    /** Off for a while, then on again. */
    case Rest = 'rest';
    /** Off until somebody has looked. */
    case Latch = 'latch';
    /** It goes on, and somebody is told. */
    case Tell = 'tell';
}
