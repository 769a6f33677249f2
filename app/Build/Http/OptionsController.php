<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\Build\Plan;
use App\Build\Views\OptionsView;
use App\Clients\Site;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** Up to four plans of a place side by side: only what differs, and what it costs. */
final class OptionsController
{
    private const MOST = 4;

    public function __invoke(Request $request, Site $site, #[CurrentUser] User $user): Response
    {
        Gate::authorize('viewAny', Plan::class);
        // Options are laid side by side with their prices.
        Gate::authorize('update', $site);
        $request->validate(['plans' => ['nullable', 'array', 'max:'.self::MOST], 'plans.*' => ['integer']]);
        $all = Plan::query()->whereNull('archived_at')->where('site_id', $site->id)->orderBy('id')->get();
        $asked = array_map(fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, (array) $request->input('plans', []));
        $chosen = $all
            ->filter(fn (Plan $p): bool => $asked === [] || in_array($p->id, $asked, true))
            ->take(self::MOST)
            ->values();

        return Inertia::render('build/Options', [
            'view' => OptionsView::of($chosen->load(['room', 'site.passages']), $user),
            'site' => ['id' => $site->id, 'name' => $site->name],
            'all' => $all->pluck('name', 'id'),
            'chosen' => $chosen->pluck('id')->all(),
        ]);
    }
}
