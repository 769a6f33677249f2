<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** What decides over an outlet just now, in the order of who speaks first. */
enum Says: string
{
    case NoPower = 'no-power';
    /** The strip has not heard from its head: since boot, or since the link dropped. */
    case LostLink = 'lost-link';
    case Lock = 'lock';
    case Guard = 'guard';
    case MaximumOn = 'maximum-on';
    case MinimumOff = 'minimum-off';
    case PowerReturn = 'power-return';
    case MinimumOn = 'minimum-on';
    case Override = 'override';
    case Pause = 'pause';
    /** It goes by the clock, and the head has none that is right. */
    case NoClock = 'no-clock';
    case Rule = 'rule';
}
