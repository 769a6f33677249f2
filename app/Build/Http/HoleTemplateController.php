<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\Build\Answered;
use App\Build\HoleTemplate;
use App\Build\PlanVersion;
use App\House\Paper;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;

/** The drilling template of a version, true to size on A4. */
final class HoleTemplateController
{
    public function __invoke(PlanVersion $version, #[CurrentUser] User $user): Response|RedirectResponse
    {
        $version->load('plan.site.client');
        Gate::authorize('view', $version);
        abort_unless($user->isStaff(), 403);
        $answers = Answered::of($version)->answers();
        if ($answers->holes === null) {
            return redirect("/plan-versions/{$version->id}")->with('said', 'This version has no hole in a flat pane.');
        }
        $data = fn (string $svg): string => 'data:image/svg+xml;base64,'.base64_encode($svg);

        return response(
            Paper::pdf('build.holes', [
                'version' => $version,
                'sheets' => array_map(
                    fn (array $s): array => [...$s, 'image' => $data($s['svg'])],
                    HoleTemplate::sheets($answers->holes->panes, $user->units()),
                ),
                'ruler' => $data(HoleTemplate::ruler()),
            ]),
            200,
            [
                'Content-Type' => 'application/pdf',
                'Content-Disposition' => 'inline; filename="'.
                    Str::slug($version->plan->name ?? 'plan').
                    "-v{$version->number}-holes.pdf\"",
            ],
        );
    }
}
