<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** How full each cable way is, by its row of the table. */
final readonly class FilledWays
{
    /** @param  list<array{row: int, fillPct: float, isOver: bool}>  $ways */
    public function __construct(public array $ways)
    {
    }
}
