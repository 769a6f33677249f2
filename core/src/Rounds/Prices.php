<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** What a plan's inconveniences cost, in minutes (S-20). */
final readonly class Prices
{
    public function __construct(
        public float $drivingPerMin = 1,
        public float $overtimePerMin = 2,
        public float $latePerDay = 15,
        public float $otherTechnician = 20,
        public float $splitNeighbours = 15,
        public float $unevenPerMin = 0.2,
        /** Neighbours are nearer than this, km. */
        public float $neighbourKm = 0.5,
        /** More overtime than this in a day breaks the hours. */
        public float $mostOvertimeMin = 60,
    ) {
    }
}
