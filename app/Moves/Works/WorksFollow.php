<?php

declare(strict_types=1);

namespace App\Moves\Works;

use App\Systems\RippleConfirmed;
use App\Systems\VesselJoined;

/** What the record says moves a work on: its job in the rounds names the step that comes then. */
final class WorksFollow
{
    public function handle(RippleConfirmed|VesselJoined $moved): void
    {
        Work::query()
            ->open()
            ->where('system_id', $moved->system->id)
            ->with('marks')
            ->get()
            ->each(fn (Work $work) => WorkInRounds::set($work, $moved->by));
    }
}
