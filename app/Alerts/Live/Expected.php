<?php

declare(strict_types=1);

namespace App\Alerts\Live;

use Carbon\CarbonImmutable;

/** What a messy job has left behind for a while; the room that does such jobs knows (X-12). */
interface Expected
{
    /** Until when a quantity of that system is expected to be off; null: it is not. */
    public function until(int $systemId, string $quantity, CarbonImmutable $at): ?CarbonImmutable;
}
