<?php

declare(strict_types=1);

namespace App\Systems;

use App\Clients\Site;
use App\Clients\SiteContents;
use App\Clients\Views\NamedView;
use App\Team\User;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;

final class SystemsOfSite implements SiteContents
{
    public function name(): string
    {
        return 'systems';
    }

    public function lines(Site $site, User $user): array
    {
        $units = $user->units();

        return array_values(
            System::query()
                ->current()
                ->where('site_id', $site->id)
                ->orderBy('name')
                ->get()
                ->map(
                    fn (System $s): NamedView => new NamedView(
                        $s->id,
                        $s->name,
                        $s->kind.
                            ($s->volumeL() === null
                                ? ''
                                : ', '.$units->show(Quantity::of($s->volumeL(), Kind::Volume))),
                        "/systems/{$s->id}",
                    ),
                )
                ->all(),
        );
    }

    public function counts(array $siteIds): array
    {
        /** @var array<int, int> */
        return System::query()
            ->current()
            ->whereIn('site_id', $siteIds)
            ->groupBy('site_id')
            ->selectRaw('site_id, count(*) as n')
            ->pluck('n', 'site_id')
            ->all();
    }

    public function holds(Site $site): ?string
    {
        return System::query()->current()->where('site_id', $site->id)->exists()
            ? "{$site->name} still has running systems. Archive those first."
            : null;
    }
}
