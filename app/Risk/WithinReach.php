<?php

declare(strict_types=1);

namespace App\Risk;

use Velbrin\Core\Control\Job;

/** What stands on shelves and in vans; the room that keeps stores knows. */
interface WithinReach
{
    /** Whoever comes can bring air or power: something for it stands ready, tested. Null: nobody keeps a store. */
    public function bringsAir(): ?bool;

    /**
     * @return list<Job> whole devices that stand ready for a site, tested
     */
    public function devicesFor(int $siteId): array;
}
