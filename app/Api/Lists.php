<?php

declare(strict_types=1);

namespace App\Api;

use App\Clients\Site;
use App\Rounds\Visit;
use App\Systems\Reading;
use App\Systems\System;
use App\Team\User;
use Illuminate\Database\Eloquent\Builder;

/** What somebody may read of each kind, as queries. */
final class Lists
{
    /** @return Builder<System> */
    public static function systems(User $user): Builder
    {
        return System::query()
            ->current()
            ->with(['site.client', 'vessels'])
            ->when(
                ! $user->isStaff(),
                fn (Builder $q) => $q->whereIn(
                    'site_id',
                    Site::query()->where('client_id', $user->client_id)->select('id'),
                ),
            )
            ->orderBy('id');
    }

    /**
     * @param  array<string, mixed>  $given  parameter, from, to
     * @return Builder<Reading>
     */
    public static function readings(System $system, array $given): Builder
    {
        return Reading::query()
            ->where('system_id', $system->id)
            ->when(isset($given['parameter']), fn (Builder $q) => $q->where('parameter', $given['parameter']))
            ->when(isset($given['from']), fn (Builder $q) => $q->where('taken_at', '>=', $given['from']))
            ->when(isset($given['to']), fn (Builder $q) => $q->where('taken_at', '<=', $given['to']))
            ->orderByDesc('taken_at')
            ->orderByDesc('id');
    }

    /**
     * @param  array<string, mixed>  $given  from, to, state
     * @return Builder<Visit>
     */
    public static function visits(User $user, array $given): Builder
    {
        return Visit::query()
            ->with(['site', 'crew', 'tasks.type', 'tasks.system'])
            ->when(
                ! $user->isStaff(),
                fn (Builder $q) => $q
                    ->where('state', '<>', Visit::OPEN)
                    ->whereHas('site', fn (Builder $s) => $s->where('client_id', $user->client_id)),
            )
            ->when(
                $user->isStaff() && ! $user->plans(),
                fn (Builder $q) => $q->whereHas('crew.members', fn (Builder $m) => $m->whereKey($user->id)),
            )
            ->when(isset($given['state']), fn (Builder $q) => $q->where('state', $given['state']))
            ->when(
                isset($given['from']),
                fn (Builder $q) => $q->whereRaw('COALESCE(planned_on, due_on) >= ?', [$given['from']]),
            )
            ->when(
                isset($given['to']),
                fn (Builder $q) => $q->whereRaw('COALESCE(planned_on, due_on) <= ?', [$given['to']]),
            )
            ->orderByRaw('COALESCE(planned_on, due_on) desc')
            ->orderByDesc('id');
    }
}
