<?php

declare(strict_types=1);

namespace App\Stores;

use App\House\Days;
use App\Rounds\FollowUp;

/** A used spare opens "buy two" (R-41): one takes its place, one is the spare again. */
final class BuyTwo
{
    private const WITHIN_DAYS = 3;

    public function handle(PartUsed $used): void
    {
        if ($used->systemId === null) {
            return;
        }
        FollowUp::query()->create([
            'system_id' => $used->systemId,
            'kind' => 'follow-up',
            'on_site' => false,
            'owner_id' => $used->user->id,
            'due_on' => Days::text(self::WITHIN_DAYS),
            'text' => "Buy two: {$used->part->name}. The spare went to work; one takes its place, one is the spare again.",
        ]);
    }
}
