<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Systems\VesselJoined;

/** The day after a vessel has joined, somebody stands there: levels, leaks, temperature, what was off is on. */
final class LookAtVessel
{
    public function handle(VesselJoined $joined): void
    {
        FollowUp::query()->create([
            'system_id' => $joined->system->id,
            'kind' => 'check-back',
            'text' => "{$joined->name} has joined: levels, damp, temperature; skimmer and top-off on again, doses read.",
            'owner_id' => $joined->by->id,
            'due_on' => Days::text(1),
            'on_site' => true,
            'minutes' => 20,
        ]);
    }
}
