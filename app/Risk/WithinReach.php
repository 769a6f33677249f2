<?php

declare(strict_types=1);

namespace App\Risk;

use Velbrin\Core\Control\Job;

/** What stands on shelves and in vans; the room that keeps stores knows. */
interface WithinReach
{
    /** All of it at once, for many places. */
    public function now(): InReach;

    /**
     * @return list<Job> whole devices that stand ready for a site, tested
     */
    public function devicesFor(int $siteId): array;
}
