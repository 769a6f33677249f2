<?php

declare(strict_types=1);

namespace App\Systems;

/** Which devices of a register are switched off now; the room that keeps the off-list knows. */
interface OffDevices
{
    /**
     * @param  list<int>  $systemIds
     * @return list<int> ids of devices that are off
     */
    public function ids(array $systemIds): array;
}
