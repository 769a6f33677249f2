<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** What a lamp does by itself when its outlet has power again, as somebody has tried (K-64). */
enum ComesBack: string
{
    /** It goes on where its own plan stands, or rises slowly. */
    case Plan = 'plan';
    case Full = 'full';
    /** Until somebody presses something. */
    case Dark = 'dark';
}
