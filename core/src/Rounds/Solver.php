<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

use Closure;

/** Places visits into a week. A stronger one may take this one's place. */
interface Solver
{
    /**
     * @param  list<Visit>  $visits  to place
     * @param  list<int>  $pinned  visits of the week that stay where they stand
     * @param  (Closure(float): void)|null  $pace  told the share that is done; what it throws ends the work
     */
    public function plan(Week $week, array $visits, array $pinned = [], ?Closure $pace = null): WeekPlan;
}
