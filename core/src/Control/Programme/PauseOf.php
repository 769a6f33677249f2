<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** What an outlet does in a pause, and for how long: each comes back by itself. */
final readonly class PauseOf
{
    /** @param  float|null  $timesADay  how often it is begun on a usual day; null: nobody has said */
    public function __construct(public float $level, public float $lengthS, public ?float $timesADay = null)
    {
    }
}
