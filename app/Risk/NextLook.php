<?php

declare(strict_types=1);

namespace App\Risk;

use Carbon\CarbonImmutable;

/** When somebody of ours next stands before a tank; the room that plans visits knows. */
interface NextLook
{
    /**
     * @param  list<int>  $siteIds
     * @return array<int, CarbonImmutable> by site
     */
    public function bySite(array $siteIds): array;
}
