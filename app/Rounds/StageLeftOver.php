<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Build\CarriesOver;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;

/** Keeps what a stage of a build left over as a carry-over of its system. */
final class StageLeftOver implements CarriesOver
{
    public function carry(System $system, string $text, User $owner, CarbonImmutable $due): void
    {
        FollowUp::query()->create(['system_id' => $system->id, 'kind' => 'carry-over', 'text' => $text, 'owner_id' => $owner->id, 'due_on' => $due->toDateString(), 'on_site' => true]);
    }
}
