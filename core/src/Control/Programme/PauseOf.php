<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** What an outlet does in a pause, and for how long: each comes back by itself. */
final readonly class PauseOf
{
    public function __construct(public float $level, public float $lengthS)
    {
    }
}
