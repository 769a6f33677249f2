<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Control\Link\StartedAnew;
use App\Control\Sensor;
use App\House\Days;
use App\Systems\System;

/** After an outage or a reset somebody verifies clock, programme and settings of each device (K-43); once, until that is done. */
final class VerifyAfterStart
{
    public function handle(StartedAnew $started): void
    {
        $ids = $started->controller->sensors->map(fn (Sensor $s): ?int => $s->system_id)->filter()->unique()->all();
        foreach (System::query()->current()->whereIn('id', $ids)->get() as $system) {
            $isOpen = FollowUp::query()->where('system_id', $system->id)->where('kind', 'verify')->whereNull('done_at')->exists();
            if ($isOpen) {
                continue;
            }
            FollowUp::query()->create([
                'system_id' => $system->id,
                'kind' => 'verify',
                'text' => "{$started->controller->name} has started again: verify its clock, its programme, ".
                    'and the settings of each device.',
                'owner_id' => $system->keeper_id ?? $started->device->user_id,
                'due_on' => Days::text(1),
                'on_site' => true,
                'minutes' => 20,
            ]);
        }
    }
}
