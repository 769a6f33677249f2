<?php

declare(strict_types=1);

namespace App\Build;

use App\Clients\Site;
use App\Clients\SiteContents;
use App\Clients\Views\NamedView;
use App\Team\User;

final class PlansOfSite implements SiteContents
{
    public function name(): string
    {
        return 'plans';
    }

    public function lines(Site $site, User $user): array
    {
        return array_values(
            Plan::query()
                ->current()
                ->where('site_id', $site->id)
                ->with('room')
                ->latest('updated_at')
                ->get()
                ->map(
                    fn (Plan $p): NamedView => new NamedView(
                        $p->id,
                        $p->name,
                        $p->room === null ? 'no room chosen yet' : $p->room->name,
                        "/plans/{$p->id}",
                    ),
                )
                ->all(),
        );
    }

    public function counts(array $siteIds): array
    {
        /** @var array<int, int> */
        return Plan::query()
            ->current()
            ->whereIn('site_id', $siteIds)
            ->groupBy('site_id')
            ->selectRaw('site_id, count(*) as n')
            ->pluck('n', 'site_id')
            ->all();
    }

    public function holds(Site $site): ?string
    {
        return null;
    }
}
