<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Systems\RunLimitReached;

/** A line that ran into its limit is looked at: a valve, a float, a leak, or a limit that no longer fits (W-63). One job at a time. */
final class LookAtLine
{
    private const MINUTES = 20;

    public function handle(RunLimitReached $reached): void
    {
        $item = $reached->item;
        $text = "{$item->name} ran until its limit: look for a leak, a float, a valve that does not shut. Read its litres an hour, "
            .'set the limit anew.';
        $isOpen = FollowUp::query()->where('system_id', $item->system_id)->where('text', $text)->whereNull('done_at')->exists();
        if ($isOpen) {
            return;
        }
        FollowUp::query()->create([
            'system_id' => $item->system_id,
            'kind' => 'verify',
            'on_site' => true,
            'minutes' => self::MINUTES,
            'owner_id' => $item->system()->value('keeper_id') ?? $reached->by->id,
            'due_on' => Days::text(1),
            'text' => $text,
        ]);
    }
}
