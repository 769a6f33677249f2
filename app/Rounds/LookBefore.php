<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Clients\HouseholdLeaves;
use App\House\Days;
use App\Systems\System;
use App\Team\Role;
use App\Team\User;
use Carbon\CarbonImmutable;

/** Before a household is away somebody looks at each of its tanks, and nothing risky is changed just before (X-48). */
final class LookBefore
{
    public function handle(HouseholdLeaves $leaves): void
    {
        $before = CarbonImmutable::parse($leaves->from)->subDay();
        $planner = User::query()
            ->current()
            ->whereIn('role', [Role::Planner->value, Role::Owner->value])
            ->orderBy('id')
            ->value('id');
        foreach (System::query()->current()->where('site_id', $leaves->site->id)->get() as $system) {
            $owner = $system->keeper_id ?? $planner;
            if (is_int($owner)) {
                FollowUp::query()->create([
                    'system_id' => $system->id,
                    'kind' => 'follow-up',
                    'on_site' => true,
                    'owner_id' => $owner,
                    'due_on' => max($before->toDateString(), Days::today()->toDateString()),
                    'text' => "Look before they are away, {$leaves->from} to {$leaves->until}: dosing, top-off, food. No risky ".
                        'change now. '.
                        ($leaves->sitter === null ? 'Nobody looks in.' : "A picture sheet for {$leaves->sitter}."),
                ]);
            }
        }
    }
}
