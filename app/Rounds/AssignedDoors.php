<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Clients\DoorKeeper;
use App\Clients\Site;
use App\Risk\NextLook;
use App\Team\User;
use Carbon\CarbonImmutable;
use Velbrin\Core\Rounds\DoorHours;

/** From two hours before an assigned visit to its end; and when somebody next stands there. */
final class AssignedDoors implements DoorKeeper, NextLook
{
    public function mayOpen(User $user, Site $site): bool
    {
        if (! $user->isStaff()) {
            return false;
        }
        $now = CarbonImmutable::now();
        $visits = Visit::query()
            ->where('site_id', $site->id)
            ->whereIn('state', [Visit::PLANNED, Visit::UNDERWAY])
            ->where('starts_at', '<=', $now->addHours((int) DoorHours::BEFORE_H))
            ->where(
                fn ($q) => $q
                    ->whereHas('crew.members', fn ($m) => $m->whereKey($user->id))
                    ->orWhere(fn ($c) => $c->where('called_out', true)->where('opened_by', $user->id)),
            )
            ->get();

        return $visits->contains(
            fn (Visit $v): bool => $v->starts_at !== null &&
                DoorHours::isOpen(
                    $v->starts_at->diffInHours($now),
                    (float) $v->minutes,
                    $v->state === Visit::UNDERWAY,
                ),
        );
    }

    public function bySite(array $siteIds): array
    {
        $next = [];
        foreach (
            Visit::query()
                ->whereIn('site_id', $siteIds)
                ->where('state', Visit::PLANNED)
                ->where('starts_at', '>', CarbonImmutable::now())
                ->orderByDesc('starts_at')
                ->get(['site_id', 'starts_at']) as $visit
        ) {
            if ($visit->starts_at !== null) {
                $next[$visit->site_id] = $visit->starts_at;
            }
        }

        return $next;
    }
}
