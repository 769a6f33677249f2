<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Clients\RemoteAccess;
use App\House\Days;
use App\Systems\System;
use App\Team\AccessEnded;
use App\Team\Role;
use App\Team\User;

/** Whoever leaves is taken out of everything they could reach from afar: a job for the office, one an access (X-58). */
final class AsksRemoteBack
{
    public function handle(AccessEnded $ended): void
    {
        if (! $ended->user->isArchived()) {
            return;
        }
        $owner = User::query()->current()->where('role', Role::Owner)->orderBy('id')->first();
        $open = RemoteAccess::query()->open()->where('user_id', $ended->user->id)->with('site')->get();
        foreach ($open as $access) {
            $system = System::query()->current()->where('site_id', $access->site_id)->orderBy('id')->first();
            if ($system === null || $owner === null) {
                continue;
            }
            FollowUp::query()->create([
                'system_id' => $system->id,
                'kind' => 'follow-up',
                'on_site' => false,
                'owner_id' => $owner->id,
                'due_on' => Days::text(),
                'text' => "{$ended->user->name} has left: take back {$access->what} at {$access->site?->name}, change its password.",
            ]);
        }
    }
}
