<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\Clients\Attachment;
use App\Clients\Room;
use App\Clients\Site;
use App\Clients\Views\AttachmentView;
use App\Clients\Views\FactSpecView;
use App\House\Days;
use App\House\TableRows;
use App\House\Views\AnswersView;
use App\House\Views\FindingView;
use App\House\Views\PageView;
use App\House\Views\TableSpecView;
use App\Systems\AmmoniaWatch;
use App\Systems\Band;
use App\Systems\HouseLimit;
use App\Systems\Item;
use App\Systems\LogEntry;
use App\Systems\Material;
use App\Systems\MixWater;
use App\Systems\OpenRipple;
use App\Systems\Parameters;
use App\Systems\Product;
use App\Systems\StoredJudgement;
use App\Systems\System;
use App\Systems\SystemBrief;
use App\Systems\SystemFacts;
use App\Systems\SystemFindings;
use App\Systems\SystemStart;
use App\Systems\Vessel;
use App\Systems\Views\BandView;
use App\Systems\Views\ItemView;
use App\Systems\Views\LogLineView;
use App\Systems\Views\ParameterView;
use App\Systems\Views\ProductView;
use App\Systems\Views\SeriesView;
use App\Systems\Views\SystemHeaderView;
use App\Systems\Views\SystemLineView;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Build\Comparison;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanDefaults;
use Velbrin\Core\Build\PlanField;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Build\PlanTables;
use Velbrin\Core\Chemistry\Measured;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\Regime;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Ripples;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Seawater\Seawater;
use Velbrin\Core\Water\MixMatch;

final class SystemController
{
    private const READINGS = 400;

    /** The fleet, what leaves its band first on top. */
    public function index(Request $request, #[CurrentUser] User $user): Response
    {
        Gate::authorize('viewAny', System::class);
        $request->validate([
            'q' => ['nullable', 'string', 'max:80'],
            'regime' => ['nullable', Rule::enum(Regime::class)],
        ]);
        $like = '%'.addcslashes(trim($request->string('q')->toString()), '%_\\').'%';
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
                fn (Builder $q) => $q->where('regime', $request->string('regime')->toString()),
            )
            ->orderByRaw("ammonia_severity <=> 'stop' desc, first_leaves_at is null, first_leaves_at")
            ->orderBy('systems.name')
            ->with(['site.client', 'bands', 'judgements', 'vessels'])
            ->simplePaginate(30)
            ->withQueryString();

        return Inertia::render('systems/Fleet', [
            'lines' => array_map(fn (System $s): SystemLineView => SystemLineView::of($s, $user), $page->items()),
            'page' => PageView::of($page),
            'q' => $request->string('q')->toString(),
            'regime' => $request->string('regime')->toString(),
            'regimes' => collect(Regime::cases())->mapWithKeys(fn (Regime $r): array => [$r->value => $r->label()]),
        ]);
    }

    public function show(System $system, #[CurrentUser] User $user, string $tab = 'section'): Response
    {
        Gate::authorize('view', $system);
        if (! in_array($tab, ['section', 'readings'], true)) {
            Gate::authorize('viewWorking', $system);
        }
        $system->load([
            'site.client',
            'keeper',
            'vessels',
            'bands',
            'judgements',
            'items',
            'products',
            ...SystemHeaderView::loads(),
        ]);

        return Inertia::render('systems/'.ucfirst($tab), [
            'header' => SystemHeaderView::of($system, $user),
            'findings' => $user->can('viewWorking', $system)
                ? FindingView::all(
                    [
                        ...SystemFindings::readings($system),
                        ...SystemFindings::changes($system),
                        ...SystemFindings::ages($system),
                    ],
                    $user->units(),
                )
                : [],
            ...match ($tab) {
                'register' => $this->register($system),
                'readings' => $this->readings($system, $user),
                'regime' => $this->regime($system),
                'log' => $this->log($system),
                'papers' => $this->papers($system),
                default => $this->section($system, $user),
            },
        ]);
    }

    /** The systems of one place side by side. */
    public function side(Site $site, #[CurrentUser] User $user): Response
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

    /** The build facts of a running system: sizes, plumbing, room. */
    public function facts(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $system);
        $given = $request->validate([
            'values' => ['present', 'array:'.implode(',', array_keys(PlanSheet::fields()))],
            'bases' => ['array'],
            'bases.*' => [Rule::enum(Basis::class)],
            'chambers' => ['array', 'max:'.PlanTables::all()['chambers']->most],
            'chambers.*' => ['array:name,lengthMm,baffleMm'],
            'tables' => ['array:'.implode(',', SystemFacts::PLACED)],
            'tables.*' => ['array'],
        ]);
        $tables = array_intersect_key(
            TableRows::of($given['tables'] ?? ($system->tables ?? [])),
            array_flip(SystemFacts::PLACED),
        );
        $brief = PlanBrief::read([...$given, ...$tables, 'house' => HouseLimit::here()]);
        if ($brief->errors !== []) {
            $units = $user->units();
            throw ValidationException::withMessages(
                collect($brief->errors)
                    ->mapWithKeys(
                        fn ($e): array => [
                            "values.{$e->field}" => $e->least === null || $e->most === null
                                    ? $e->message
                                    : 'Allowed: '.$units->show($e->least).' to '.$units->show($e->most).'.',
                        ],
                    )
                    ->all(),
            );
        }
        $bases = array_map(
            fn (Basis $b): array => ['basis' => $b->value, 'by' => $user->name, 'at' => Days::text()],
            $brief->bases,
        );
        $was = SystemBrief::read($system->load('vessels'));
        SystemFacts::write($system, $brief->values, $bases, array_values($given['chambers'] ?? []));
        $placed = ($system->tables ?? []) != array_filter($tables);
        SystemFacts::places($system, $tables);
        if (($was->values['nearBedMs'] ?? null) !== ($brief->values['nearBedMs'] ?? null)) {
            $system->update(['flow_read_on' => Days::text()]);
        }
        $is = SystemBrief::read($system->refresh()->load('vessels'));
        $moved = Comparison::of($was, Plan::answer($was), $is, Plan::answer($is));
        if ($moved->facts === [] && $moved->figures === [] && ! $placed) {
            return back()->with('said', 'Nothing moved.');
        }
        $cause =
            'Measured anew: '.
            ($moved->facts === []
                ? ($placed
                    ? 'what stands where'
                    : 'sump chambers')
                : implode(
                    ', ',
                    array_map(fn (array $f): string => lcfirst(PlanSheet::fields()[$f[0]]->label), $moved->facts),
                ));
        $opened = DB::transaction(function () use ($system, $user, $moved, $cause): int {
            $system
                ->logEntries()
                ->create([
                    'kind' => 'change',
                    'text' => mb_substr($cause, 0, 1000),
                    'happened_at' => now(),
                    'user_id' => $user->id,
                ]);

            return OpenRipple::open($system, Ripples::of($moved), $cause, $user);
        });

        return back()->with(
            'said',
            $opened === 0
                ? 'Kept. Nothing else hangs on it.'
                : "Kept. It re-opens {$opened} things: they stand in the margin, to confirm one by one.",
        );
    }

    public function archive(System $system): RedirectResponse
    {
        Gate::authorize('update', $system);
        $system->archive();
        activity()->performedOn($system)->event('archived')->log('archived');

        return redirect('/systems')->with('said', "{$system->name} is archived; nothing is lost.");
    }

    /** @return array<string, mixed> */
    private function section(System $system, User $user): array
    {
        $working = $user->can('viewWorking', $system);
        $answers = SystemFindings::answers($system);
        $ammonia = AmmoniaWatch::judged($system);
        $raw = SystemBrief::raw($system);

        return [
            'answers' => $this->forReader(
                AnswersView::of($answers, $user->units(), withLight: ($system->tables['lamps'] ?? []) !== []),
                $working,
            ),
            'strip' => array_slice(
                array_map(
                    fn (StoredJudgement $j): ParameterView => ParameterView::of(
                        $j->parameter,
                        Band::for($system, $j->parameter),
                        $j,
                        $user,
                        $ammonia,
                        $system->ammonia_at,
                    ),
                    $system->judgements
                        ->sortBy(fn (StoredJudgement $j): int => $j->leaves_at?->getTimestamp() ?? PHP_INT_MAX)
                        ->values()
                        ->all(),
                ),
                0,
                4,
            ),
            'facts' => $user->can('update', $system)
                ? [
                    'values' => (object) $raw['values'],
                    'bases' => (object) $raw['bases'],
                    'chambers' => $raw['chambers'],
                    'defaults' => (object) PlanDefaults::for(SystemBrief::read($system)),
                ]
                : null,
            'sheet' => $user->can('update', $system)
                ? array_values(array_map(FactSpecView::ofPlan(...), PlanSheet::fields()))
                : [],
            'groups' => PlanSheet::GROUPS,
            'tables' => TableRows::of($system->tables ?? []),
            'specs' => array_map(TableSpecView::of(...), TableRows::specs()),
        ];
    }

    /** A client reads the drawing and the figures, not our findings. */
    private function forReader(AnswersView $view, bool $working): AnswersView
    {
        return $working ? $view : $view->withoutFindings();
    }

    /** @return array<string, mixed> */
    private function register(System $system): array
    {
        $system->items->load('attachments');

        return [
            'items' => $system->items
                ->sortBy([['retired_at', 'asc'], ['job', 'asc'], ['id', 'asc']])
                ->values()
                ->map(fn (Item $i): ItemView => ItemView::of($i)),
            'jobs' => collect(Job::cases())->mapWithKeys(fn (Job $j): array => [$j->value => $j->label()]),
            'vessels' => $system->vessels
                ->sortBy('id')
                ->values()
                ->map(
                    fn (Vessel $v): array => [
                        'id' => $v->id,
                        'name' => $v->name,
                        'litres' => $v->net_l,
                        'roomId' => $v->room_id,
                    ],
                ),
            'rooms' => Room::query()
                ->current()
                ->where('site_id', $system->site_id)
                ->orderBy('name')
                ->pluck('name', 'id'),
            'ownRoomId' => $system->room_id,
            'materials' => Material::query()
                ->current()
                ->where('system_id', $system->id)
                ->orderBy('kind')
                ->orderBy('in_on')
                ->get()
                ->map(
                    fn (Material $m): array => [
                        'id' => $m->id,
                        'kind' => $m->kind,
                        'name' => $m->name,
                        'kg' => $m->mass_kg,
                        'on' => $m->in_on->toDateString(),
                        'note' => $m->note,
                        'facts' => implode(
                            ', ',
                            array_filter([
                                $m->place,
                                $m->out_on === null ? null : 'out since '.$m->out_on->format('j M'),
                                $m->grain === null ? null : "grain {$m->grain}",
                                $m->colour,
                                $m->origin === null ? null : "from {$m->origin}",
                                $m->lot === null ? null : "lot {$m->lot}",
                            ]),
                        ),
                    ],
                ),
            'materialKinds' => Material::KINDS,
        ];
    }

    /** @return array<string, mixed> */
    private function readings(System $system, User $user): array
    {
        $chosen =
            Parameters::here()->find(request()->string('of')->toString()) ??
            ($system->judgements
                ->sortBy(fn (StoredJudgement $j): int => $j->leaves_at?->getTimestamp() ?? PHP_INT_MAX)
                ->first()->parameter ??
                Parameter::Alkalinity);
        $readings = $system
            ->readings()
            ->where('parameter', $chosen->key())
            ->with('user')
            ->latest('taken_at')
            ->latest('id')
            ->limit(self::READINGS)
            ->get()
            ->toBase();

        $ammonia = AmmoniaWatch::judged($system);

        return [
            'parameters' => array_map(
                fn (Measured $p): ParameterView => ParameterView::of(
                    $p,
                    Band::for($system, $p),
                    StoredJudgement::for($system, $p),
                    $user,
                    $ammonia,
                    $system->ammonia_at,
                ),
                Parameters::here()->all(),
            ),
            'series' => SeriesView::of(
                $chosen,
                $readings,
                Band::for($system, $chosen),
                StoredJudgement::for($system, $chosen),
                $user,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function regime(System $system): array
    {
        return [
            'bands' => array_map(
                fn (Measured $p): BandView => BandView::of($p, Band::for($system, $p)),
                Parameters::here()->all(),
            ),
            'regimes' => collect(Regime::cases())->mapWithKeys(fn (Regime $r): array => [$r->value => $r->label()]),
            'keepers' => User::query()
                ->current()
                ->whereIn('role', ['owner', 'planner', 'technician'])
                ->orderBy('name')
                ->pluck('name', 'id'),
            'products' => $system->products->map(
                fn (Product $p): ProductView => ProductView::of(
                    $p,
                    (string) $p->getRelation('pivot')->getAttribute('how_much'),
                ),
            ),
            'offered' => Product::query()->current()->orderBy('name')->pluck('name', 'id'),
            'others' => System::query()
                ->current()
                ->whereKeyNot($system->id)
                ->whereHas('bands', fn (Builder $b) => $b->whereNotNull('user_id'))
                ->with('site')
                ->orderBy('name')
                ->limit(200)
                ->get()
                ->mapWithKeys(fn (System $s): array => [$s->id => "{$s->name}, {$s->site?->name}"]),
            'record' => [
                'name' => $system->name,
                'kind' => $system->kind,
                'regime' => $system->regime->value,
                'keeper_id' => $system->keeper_id,
                'room_id' => $system->room_id,
                'started_on' => $system->started_on?->toDateString(),
                'started_precision' => $system->started_precision,
                'settling_until' => $system->settling_until?->toDateString(),
                'measured_volume_l' => $system->measured_volume_l,
                'measured_how' => $system->measured_how,
                'salt_mix_id' => $system->salt_mix_id,
                'hose_flow_lh' => $system->hose_flow_lh,
                'emergency_share_pct' => $system->emergency_share_pct,
            ],
            'mixes' => DB::table('salt_mixes')
                ->where(fn ($q) => $q->whereNull('archived_at')->orWhere('id', $system->salt_mix_id))
                ->orderBy('name')
                ->pluck('name', 'id'),
            'leastMixes' => array_keys(
                MixMatch::rank(
                    array_filter(MixWater::here()->all()),
                    $system->bands->mapWithKeys(fn (Band $b): array => [$b->parameter->key() => $b->limits()])->all(),
                    self::salinity($system),
                ),
            ),
        ];
    }

    private static function salinity(System $system): float
    {
        $given = $system->facts[PlanField::Salinity->value] ?? null;

        return is_numeric($given) ? (float) $given : Seawater::USUAL_SALINITY;
    }

    /** @return array<string, mixed> */
    private function log(System $system): array
    {
        return [
            'entries' => $system
                ->logEntries()
                ->with('user')
                ->latest('happened_at')
                ->latest('id')
                ->limit(200)
                ->get()
                ->map(
                    fn (LogEntry $e): LogLineView => new LogLineView(
                        $e->id,
                        $e->happened_at->toIso8601ZuluString(),
                        LogController::KINDS[$e->kind] ?? $e->kind,
                        $e->text,
                        (string) $e->user?->name,
                    ),
                ),
            'kinds' => LogController::KINDS,
        ];
    }

    /** @return array<string, mixed> */
    private function papers(System $system): array
    {
        return [
            'attachments' => $system
                ->attachments()
                ->current()
                ->with('user')
                ->latest('id')
                ->limit(200)
                ->get()
                ->map(fn (Attachment $a): AttachmentView => AttachmentView::of($a)),
        ];
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
            'keeper_id' => ['nullable', 'integer', Rule::exists('users', 'id')],
            'started_on' => ['nullable', 'date', 'before_or_equal:'.Days::text(1), 'after:1970-01-01'],
            'started_precision' => ['required', Rule::in(['day', 'month', 'year', 'about'])],
            'settling_until' => ['nullable', 'date'],
        ];
    }
}
