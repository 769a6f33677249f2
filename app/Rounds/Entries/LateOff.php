<?php

declare(strict_types=1);

namespace App\Rounds\Entries;

use App\House\Days;
use App\Rounds\FollowUp;
use App\Systems\System;
use App\Team\Role;
use App\Team\User;

/**
 * Something went off, and the visit was closed before anybody else knew: whoever keeps the system and the planner hear of it at
 * once (S-32).
 */
final class LateOff
{
    public static function tell(Sent $sent, System $system, string $what): void
    {
        $planner = User::query()->current()->where('role', Role::Planner->value)->orderBy('id')->value('id');
        $owners = array_unique(array_filter([$system->keeper_id, $planner, $sent->user->id], is_int(...)));
        foreach ($owners as $owner) {
            FollowUp::query()->create([
                'system_id' => $system->id,
                'visit_id' => $sent->visit->id,
                'kind' => 'follow-up',
                'on_site' => $owner === $sent->user->id,
                'text' => "{$what} is off since {$sent->at->setTimezone(Days::zone())->format(
                    'D H:i',
                )}: {$sent->user->name} switched it off, and the visit was closed before the phone had a signal. Is it on again?",
                'owner_id' => $owner,
                'due_on' => Days::today()->toDateString(),
            ]);
        }
        $system
            ->logEntries()
            ->create([
                'kind' => 'change',
                'text' => "{$what} off; known only after the visit was closed",
                'happened_at' => $sent->at,
                'user_id' => $sent->user->id,
            ]);
    }
}
