<?php

declare(strict_types=1);

namespace App\Water;

use Carbon\CarbonImmutable;

/** What leaves a depot with water; the room that plans visits knows. */
interface Demand
{
    /** @return list<Departure> by time */
    public function departures(Depot $depot, CarbonImmutable $from, CarbonImmutable $until): array;

    /** Litres of the largest system in reach, and each emergency share chosen. */
    public function reach(): Reach;
}
