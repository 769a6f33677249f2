<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Systems\DeviceRetired;
use Velbrin\Core\Control\Installed;

/** A retired device that guarded animals leaves a dated, owned task to replace it (R-41, X-41). */
final class ReplaceRetired
{
    private const WITHIN_DAYS = 7;

    public function handle(DeviceRetired $retired): void
    {
        $item = $retired->item;
        if (! Installed::Mounted->leavesUnprotected($item->job)) {
            return;
        }
        FollowUp::query()->create([
            'system_id' => $item->system_id,
            'kind' => 'follow-up',
            'on_site' => true,
            'owner_id' => $item->system()->value('keeper_id') ?? $retired->by->id,
            'due_on' => Days::today()->addDays(self::WITHIN_DAYS)->toDateString(),
            'text' => mb_substr(
                "Replace {$item->name}, retired: {$item->retired_reason}. If it needs none, say why in the record.",
                0,
                300,
            ),
        ]);
    }
}
