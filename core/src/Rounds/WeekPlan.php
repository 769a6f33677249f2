<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** A proposal: the week, and what found no place in it. */
final readonly class WeekPlan
{
    /** @param  list<Unplanned>  $unplanned */
    public function __construct(public Week $week, public array $unplanned)
    {
    }
}
