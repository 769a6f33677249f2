<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** Places visits into a week. A stronger one may take this one's place. */
interface Solver
{
    /**
     * @param  list<Visit>  $visits  to place
     * @param  list<int>  $pinned  visits of the week that stay where they stand
     */
    public function plan(Week $week, array $visits, array $pinned = []): WeekPlan;
}
