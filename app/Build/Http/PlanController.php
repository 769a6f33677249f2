<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\Build\Plan;
use App\Build\PlanPage;
use App\Build\RefitPlan;
use App\Build\RefitSince;
use App\Build\Views\PlanLineView;
use App\Clients\Site;
use App\House\Http\Asked;
use App\House\Views\PageView;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

final class PlanController
{
    public function index(Request $request): Response
    {
        Gate::authorize('viewAny', Plan::class);
        $request->validate(['q' => ['nullable', 'string', 'max:80']]);
        $like = '%'.addcslashes(Asked::word($request, 'q'), '%_\\').'%';
        $page = Plan::query()
            ->current()
            ->when(
                $like !== '%%',
                fn (Builder $q) => $q->where(
                    fn (Builder $w) => $w
                        ->where('name', 'like', $like)
                        ->orWhereHas(
                            'site',
                            fn (Builder $s) => $s
                                ->where('name', 'like', $like)
                                ->orWhereHas('client', fn (Builder $c) => $c->where('name', 'like', $like)),
                        ),
                ),
            )
            ->with([
                'site.client',
                'user',
                'versions' => fn ($q) => $q->select('id', 'plan_id', 'number', 'accepted_at'),
            ])
            ->latest('updated_at')
            ->latest('id')
            ->simplePaginate(30)
            ->withQueryString();

        return Inertia::render('build/Plans', [
            'plans' => array_map(fn (Plan $p): PlanLineView => PlanLineView::of($p), $page->items()),
            'page' => PageView::of($page),
            'q' => Asked::word($request, 'q'),
        ]);
    }

    public function store(Request $request, Site $site, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('create', Plan::class);
        $given = $request->validate([
            'name' => ['required', 'string', 'max:120'],
            'room_id' => ['nullable', 'integer', Rule::exists('rooms', 'id')->where('site_id', $site->id)],
            'copy_of' => ['nullable', 'integer', Rule::exists('plans', 'id')->where('site_id', $site->id)],
        ]);
        $source = isset($given['copy_of']) ? Plan::query()->whereKey($given['copy_of'])->firstOrFail() : null;
        $plan = Plan::query()->create([
            'site_id' => $site->id,
            'room_id' => $given['room_id'] ?? $source?->room_id,
            'name' => $given['name'],
            'user_id' => $user->id,
            'revision' => 1,
            'draft' => $source !== null ? $source->draft : ['values' => [], 'bases' => [], 'chambers' => []],
        ]);

        return redirect("/plans/{$plan->id}");
    }

    /** A plan for a system that runs: it begins as the record stands. */
    public function refit(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('create', Plan::class);
        Gate::authorize('update', $system);
        $request->validate(['name' => ['required', 'string', 'max:120']]);
        $plan = RefitPlan::of($system, $request->string('name')->toString(), $user);

        return redirect("/plans/{$plan->id}")->with('said', "It begins as {$system->name} stands on record today.");
    }

    /** What the record moved while the refit was planned: taken over, or the plan stays with its own. */
    public function decide(Request $request, Plan $plan, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $plan);
        $request->validate([
            'field' => ['required', 'string', 'max:160', new FieldOrRow()],
            'choice' => ['required', Rule::in([RefitSince::RECORD, RefitSince::PLAN])],
        ]);
        RefitSince::decide($plan, $request->string('field')->toString(), $request->string('choice')->toString(), $user);

        return back()->with('said', 'Decided.');
    }

    public function show(Plan $plan, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $plan);

        return Inertia::render('build/Plan', PlanPage::props($plan, $user));
    }

    public function update(Request $request, Plan $plan): RedirectResponse
    {
        Gate::authorize('update', $plan);
        $plan->update(
            $request->validate([
                'name' => ['required', 'string', 'max:120'],
                'room_id' => ['nullable', 'integer', Rule::exists('rooms', 'id')->where('site_id', $plan->site_id)],
            ]),
        );

        return back();
    }

    public function archive(Plan $plan): RedirectResponse
    {
        Gate::authorize('update', $plan);
        $plan->archive();

        return redirect("/sites/{$plan->site_id}")->with('said', "{$plan->name} is archived; nothing is lost.");
    }
}
