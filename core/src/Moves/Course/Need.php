<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

/** What has to be done before: so long before at least, and no longer than that. */
final readonly class Need
{
    /** @param  int|null  $maxLagMin  null: however long it waits */
    public function __construct(public string $id, public int $lagMin = 0, public ?int $maxLagMin = null)
    {
    }
}
