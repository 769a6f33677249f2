<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Alerts\Live\Expected;
use Carbon\CarbonImmutable;

/** Disturbances that are under way, by the quantities they move. */
final class ExpectedNow implements Expected
{
    public function until(int $systemId, string $quantity, CarbonImmutable $at): ?CarbonImmutable
    {
        return Disturbed::at($at)
            ->where('system_id', $systemId)
            ->whereJsonContains('holds', $quantity)
            ->orderByDesc('until_at')
            ->first()
            ?->until_at;
    }
}
