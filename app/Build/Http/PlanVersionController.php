<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\Build\Acceptance;
use App\Build\Answered;
use App\Build\Plan;
use App\Build\PlanReader;
use App\Build\PlanVersion;
use App\Build\Views\ComparisonView;
use App\Build\Views\VersionView;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Build\Comparison;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Chemistry\Regime;
use Velbrin\Core\Version;

final class PlanVersionController
{
    /** Keeps the draft as it stands now. */
    public function store(Request $request, Plan $plan, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $plan);
        // The first version needs no reason; a later one says what changed and why.
        $given = $request->validate(
            ['note' => [$plan->versions()->exists() ? 'required' : 'nullable', 'string', 'max:300']],
            ['note.required' => 'Say in a few words what changed since the last version.'],
        );
        $version = DB::transaction(function () use ($plan, $user, $given): PlanVersion {
            $plan = Plan::query()
                ->lockForUpdate()
                ->with(['room', 'site.passages'])
                ->findOrFail($plan->id);

            return PlanVersion::query()->create([
                'plan_id' => $plan->id,
                'number' => 1 + (int) $plan->versions()->max('number'),
                'brief' => PlanReader::raw($plan),
                'core_version' => Version::NUMBER,
                'note' => $given['note'] ?? null,
                'user_id' => $user->id,
            ]);
        });

        return redirect("/plan-versions/{$version->id}")->with('said', "Version {$version->number} is kept.");
    }

    public function show(PlanVersion $version, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $version);
        abort_unless($user->isStaff(), 403);
        $version->load([
            'plan.site.client',
            'waivers',
            'passedStages',
            'orders' => fn ($q) => $q->withUsualDays(),
            'consents',
            'jointLooks',
            'firms',
            'risks',
            'system',
            'plan.versions',
        ]);

        return Inertia::render('build/Version', ['view' => VersionView::of($version, $user)]);
    }

    public function compare(Request $request, Plan $plan, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $plan);
        $own = Rule::exists('plan_versions', 'id')->where('plan_id', $plan->id);
        $given = $request->validate(['a' => ['required', 'integer', $own], 'b' => ['required', 'integer', $own]]);
        $a = $plan->versions()->whereKey($given['a'])->firstOrFail();
        $b = $plan->versions()->whereKey($given['b'])->firstOrFail();
        [$before, $after] = [PlanBrief::read($a->brief), PlanBrief::read($b->brief)];
        $plan->load('site.client');

        return Inertia::render('build/Compare', [
            'view' => ComparisonView::of(
                $plan,
                $a,
                $b,
                Comparison::of($before, Answered::of($a)->answers(), $after, Answered::of($b)->answers()),
                $user,
            ),
        ]);
    }

    public function accept(Request $request, PlanVersion $version, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('accept', $version);
        $site = $version->plan()->firstOrFail()->site_id;
        $running = Acceptance::running($version);
        $given = $request->validate([
            'name' => [
                Rule::requiredIf($running === null),
                'nullable',
                'string',
                'max:120',
                Rule::unique('systems', 'name')->where('site_id', $site)->ignore($running),
            ],
            'kind' => [Rule::requiredIf($running === null), 'nullable', 'string', 'max:120'],
            'regime' => [Rule::requiredIf($running === null), 'nullable', Rule::enum(Regime::class)],
        ]);
        $system = Acceptance::accept(
            $version,
            $user,
            $given['name'] ?? '',
            $given['kind'] ?? '',
            Regime::from($given['regime'] ?? Regime::Natural->value),
        );

        return redirect("/systems/{$system->id}")->with(
            'said',
            $running === null
                ? "Accepted. {$system->name} has its record."
                : "Accepted. {$system->name} runs on as it is; what this version re-opens stands in its margin.",
        );
    }
}
