<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Rate;

/** Which end of all that is not sure is taken. */
enum Corner
{
    /** All that is not sure turns out well. */
    case Low;
    case Likely;
    /** All that is not sure turns out badly: what severity is judged by. */
    case High;
}
