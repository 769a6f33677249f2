<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\Clients\Site;
use App\House\Days;
use App\House\Http\Asked;
use App\House\Views\PageView;
use App\Systems\System;
use App\Systems\SystemStart;
use App\Systems\Views\SystemLineView;
use App\Team\Colleague;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Chemistry\Regime;

/** The fleet's list, and a system's record: opened, kept, archived. */
final class SystemController
{
    /** The fleet, what leaves its band first on top. */
    public function index(Request $request, #[CurrentUser] User $user): Response
    {
        Gate::authorize('viewAny', System::class);
        $request->validate([
            'q' => ['nullable', 'string', 'max:80'],
            'regime' => ['nullable', Rule::enum(Regime::class)],
        ]);
        $like = '%'.addcslashes(Asked::word($request, 'q'), '%_\\').'%';
        $page = System::query()
            ->current()
            ->when(
                ! $user->isStaff(),
                fn (Builder $q) => $q->whereIn(
                    'site_id',
                    Site::query()->where('client_id', $user->client_id)->select('id'),
                ),
            )
            ->when(
                $like !== '%%',
                fn (Builder $q) => $q->where(
                    fn (Builder $w) => $w
                        ->where('systems.name', 'like', $like)
                        ->orWhere('kind', 'like', $like)
                        ->orWhereHas(
                            'site',
                            fn (Builder $s) => $s
                                ->where('name', 'like', $like)
                                ->orWhereHas('client', fn (Builder $c) => $c->where('name', 'like', $like)),
                        ),
                ),
            )
            ->when(
                $request->filled('regime'),
                fn (Builder $q) => $q->where('regime', Asked::word($request, 'regime')),
            )
            ->orderByRaw("ammonia_severity <=> 'stop' desc, first_leaves_at is null, first_leaves_at")
            ->orderBy('systems.name')
            ->with(['site.client', 'bands', 'judgements', 'vessels'])
            ->simplePaginate(30)
            ->withQueryString();

        return Inertia::render('systems/Fleet', [
            'lines' => array_map(fn (System $s): SystemLineView => SystemLineView::of($s, $user), $page->items()),
            'page' => PageView::of($page),
            'q' => Asked::word($request, 'q'),
            'regime' => Asked::word($request, 'regime'),
            'regimes' => collect(Regime::cases())->mapWithKeys(fn (Regime $r): array => [$r->value => $r->label()]),
        ]);
    }

    /** A system that was never planned here: taken on with what is known of it. */
    public function store(Request $request, Site $site, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('create', System::class);
        Gate::authorize('update', $site);
        $given = $request->validate($this->rules($site));
        $system = SystemStart::directly($site, $given, $user);

        return redirect("/systems/{$system->id}/regime")->with(
            'said',
            'The record is open. Its sizes come next: write down what you measure.',
        );
    }

    public function update(Request $request, System $system): RedirectResponse
    {
        Gate::authorize('update', $system);
        $given = $request->validate([
            ...$this->rules($system->site()->firstOrFail(), $system),
            'measured_volume_l' => ['nullable', 'numeric:strict', 'gt:0', 'max:1000000'],
            'measured_how' => ['nullable', 'required_with:measured_volume_l', 'string', 'max:200'],
            'salt_mix_id' => ['nullable', 'integer', Rule::exists('salt_mixes', 'id')->whereNull('archived_at')],
            'hose_flow_lh' => ['nullable', 'numeric:strict', 'gt:0', 'max:50000'],
            'emergency_share_pct' => ['nullable', 'numeric:strict', 'min:1', 'max:100'],
        ]);
        $regime = $system->regime;
        $system->update($given);
        if ($system->regime !== $regime) {
            SystemStart::bands($system);
        }

        return back()->with('said', 'Kept.');
    }

    public function archive(System $system): RedirectResponse
    {
        Gate::authorize('update', $system);
        $system->archive();

        return redirect('/systems')->with('said', "{$system->name} is archived; nothing is lost.");
    }

    /** @return array<string, list<mixed>> */
    private function rules(Site $site, ?System $system = null): array
    {
        return [
            'name' => [
                'required',
                'string',
                'max:120',
                Rule::unique('systems', 'name')->where('site_id', $site->id)->ignore($system),
            ],
            'kind' => ['required', 'string', 'max:120'],
            'regime' => ['required', Rule::enum(Regime::class)],
            'room_id' => ['nullable', 'integer', Rule::exists('rooms', 'id')->where('site_id', $site->id)],
            // Who keeps it now may have left since: that blocks no other change.
            'keeper_id' => [
                'nullable',
                'integer',
                Rule::unless($system !== null && request('keeper_id') == $system->keeper_id, [Colleague::rule()]),
            ],
            'started_on' => ['nullable', 'date', 'before_or_equal:'.Days::text(1), 'after:1970-01-01'],
            'started_precision' => ['required', Rule::in(['day', 'month', 'year', 'about'])],
            'settling_until' => ['nullable', 'date'],
        ];
    }
}
