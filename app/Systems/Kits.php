<?php

declare(strict_types=1);

namespace App\Systems;

/** What test kits lie where, and whether they are still good; the room that keeps stores knows (R-44). */
interface Kits
{
    /**
     * What is wrong with the kit a reading was made with: "lot A12, out of date since 3 Mar 2026". Null: nothing, or nobody keeps it.
     *
     * @param  string  $day  of the reading, on the company's calendar
     */
    public function outOfDate(System $system, string $instrument, string $day): ?string;
}
