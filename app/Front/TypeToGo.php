<?php

declare(strict_types=1);

namespace App\Front;

use App\Build\Plan;
use App\Clients\Client;
use App\Clients\Site;
use App\Front\Views\FoundView;
use App\Systems\System;
use App\Team\User;
use Illuminate\Database\Eloquent\Builder;

/** Type-to-go: systems, places, clients and plans whose name holds what was typed. */
final class TypeToGo
{
    private const EACH = 6;

    private const PLACES = 60;

    /** @return list<FoundView> */
    public static function find(User $user, string $typed): array
    {
        $like = '%'.addcslashes(trim($typed), '%_\\').'%';
        if ($like === '%%') {
            return [];
        }
        // Names and numbers only: a system's or a plan's own facts are long, and sorting drags them along.
        // Places first: two short queries cost less than asking every system for its place's and client's name.
        $places = Site::query()
            ->join('clients', 'clients.id', '=', 'sites.client_id')
            ->whereNull('sites.archived_at')
            ->where(fn (Builder $q) => $q->where('sites.name', 'like', $like)->orWhere('clients.name', 'like', $like))
            ->when(! $user->isStaff(), fn (Builder $q) => $q->where('sites.client_id', $user->client_id))
            ->orderBy('sites.id')
            ->limit(self::PLACES)
            ->pluck('sites.id')
            ->all();
        $systems = System::query()
            ->select(['systems.id', 'systems.name', 'systems.site_id'])
            ->current()
            ->with(['site:id,name,client_id', 'site.client:id,name'])
            ->where(fn (Builder $q) => $q->where('systems.name', 'like', $like)->orWhereIn('site_id', $places))
            ->when(
                ! $user->isStaff(),
                fn (Builder $q) => $q->whereIn(
                    'site_id',
                    Site::query()->where('client_id', $user->client_id)->select('id'),
                ),
            )
            ->orderBy('name')
            ->limit(self::EACH)
            ->get();
        $found = $systems
            ->map(
                fn (System $s): FoundView => new FoundView(
                    'system',
                    $s->name,
                    $s->site?->client?->name.', '.$s->site?->name,
                    "/systems/{$s->id}",
                ),
            )
            ->all();
        if (! $user->isStaff()) {
            return array_values($found);
        }
        $sites = Site::query()
            ->select(['id', 'name', 'client_id'])
            ->current()
            ->with('client:id,name')
            ->where('name', 'like', $like)
            ->orderBy('name')
            ->limit(self::EACH)
            ->get()
            ->map(
                fn (Site $s): FoundView => new FoundView(
                    'place',
                    $s->name,
                    (string) $s->client?->name,
                    "/sites/{$s->id}",
                ),
            )
            ->all();
        $clients = Client::query()
            ->select(['id', 'name'])
            ->current()
            ->where('name', 'like', $like)
            ->orderBy('name')
            ->limit(self::EACH)
            ->get()
            ->map(fn (Client $c): FoundView => new FoundView('client', $c->name, '', "/clients/{$c->id}"))
            ->all();
        $plans = Plan::query()
            ->select(['id', 'name', 'site_id'])
            ->current()
            ->with('site:id,name')
            ->where('name', 'like', $like)
            ->orderBy('name')
            ->limit(self::EACH)
            ->get()
            ->map(
                fn (Plan $p): FoundView => new FoundView('plan', $p->name, (string) $p->site?->name, "/plans/{$p->id}"),
            )
            ->all();

        return [...array_values($found), ...array_values($sites), ...array_values($clients), ...array_values($plans)];
    }
}
