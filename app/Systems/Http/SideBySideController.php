<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\Clients\Site;
use App\Systems\AmmoniaWatch;
use App\Systems\Band;
use App\Systems\Parameters;
use App\Systems\StoredJudgement;
use App\Systems\System;
use App\Systems\Views\ParameterView;
use App\Systems\Views\SystemLineView;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Chemistry\Measured;

/** The systems of one place side by side. */
final class SideBySideController
{
    public function __invoke(Site $site, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $site);
        $systems = System::query()
            ->current()
            ->where('site_id', $site->id)
            ->with(['site.client', 'judgements', 'bands', 'vessels'])
            ->orderBy('name')
            ->limit(12)
            ->get();
        $parameters = array_values(
            array_filter(
                Parameters::here()->all(),
                fn (Measured $p): bool => $systems->contains(
                    fn (System $s): bool => StoredJudgement::for($s, $p) !== null,
                ),
            ),
        );

        return Inertia::render('systems/Side', [
            'site' => ['id' => $site->id, 'name' => $site->name],
            'lines' => $systems->map(fn (System $s): SystemLineView => SystemLineView::of($s, $user)),
            'rows' => array_map(
                fn (Measured $p): array => [
                    'label' => $p->label(),
                    'cells' => $systems
                        ->map(
                            fn (System $s): ParameterView => ParameterView::of(
                                $p,
                                Band::for($s, $p),
                                StoredJudgement::for($s, $p),
                                $user,
                                AmmoniaWatch::judged($s),
                                $s->ammonia_at,
                            ),
                        )
                        ->all(),
                ],
                $parameters,
            ),
        ]);
    }
}
