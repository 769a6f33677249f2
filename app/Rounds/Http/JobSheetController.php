<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\Clients\Attachments;
use App\Clients\Site;
use App\House\Days;
use App\House\Views\CrumbView;
use App\Rounds\Away;
use App\Rounds\SiteEvent;
use App\Rounds\SiteStep;
use App\Rounds\SiteWish;
use App\Rounds\Task;
use App\Rounds\TaskStart;
use App\Rounds\TaskType;
use App\Rounds\Views\JobSheetView;
use App\Rounds\Views\SheetVersionView;
use App\Rounds\Views\SiteJobView;
use App\Rounds\Views\WishView;
use App\Systems\Product;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Rounds\Disturbance;
use Velbrin\Core\Rounds\SiteDoes;

/** The company's job sheets in their versions, and what single places do differently (P-22). */
final class JobSheetController
{
    private const STEPS = 40;

    public function index(Request $request): Response
    {
        Gate::authorize('viewAny', TaskType::class);
        $key = $request->validate(['sheet' => ['nullable', 'string', 'max:30']])['sheet'] ?? null;

        TaskStart::library();

        return $this->page(
            TaskType::query()
                ->current()
                ->when($key !== null, fn ($q) => $q->where('key', $key))
                ->orderBy('name')
                ->firstOrFail(),
        );
    }

    public function show(TaskType $taskType): Response
    {
        Gate::authorize('viewAny', TaskType::class);

        return $this->page($taskType);
    }

    private function page(TaskType $type): Response
    {
        $versions = $type->sheets()->with('user')->orderBy('version')->get();
        $before = null;
        $history = [];
        foreach ($versions as $version) {
            $history[] = SheetVersionView::of($version, $before);
            $before = $version;
        }

        return Inertia::render('rounds/JobSheets', [
            'types' => TaskType::query()
                ->current()
                ->orderBy('name')
                ->get(['id', 'name', 'version', 'build'])
                ->map(
                    fn (TaskType $t): array => [
                        'id' => $t->id,
                        'name' => $t->name,
                        'version' => $t->version,
                        'build' => $t->build,
                    ],
                ),
            'sheet' => JobSheetView::of($type),
            'history' => array_reverse($history),
            'places' => SiteStep::query()
                ->current()
                ->where('task_type_id', $type->id)
                ->with('site')
                ->get()
                ->groupBy('site_id')
                ->map(
                    fn ($steps): array => [
                        'siteId' => $steps->first()?->site_id,
                        'name' => (string) $steps->first()?->site?->name,
                        'count' => $steps->count(),
                    ],
                )
                ->values(),
            'products' => Product::query()->current()->orderBy('name')->pluck('name', 'id'),
            'mayUpdate' => Gate::allows('update', $type),
        ]);
    }

    /** A new version; the old one stays, and visits that began keep theirs. */
    public function update(Request $request, TaskType $taskType, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $taskType);
        $given = $request->validate(
            [
                'version' => ['required', 'integer'],
                'steps' => ['required', 'array', 'min:1', 'max:'.self::STEPS],
                'steps.*.text' => ['required', 'string', 'max:200'],
                'steps.*.hold' => ['sometimes', 'boolean'],
                'steps.*.product_id' => [
                    'nullable',
                    'integer',
                    Rule::exists('products', 'id')->whereNull('archived_at'),
                ],
                'cautions' => ['present', 'array', 'max:12'],
                'cautions.*' => ['required', 'string', 'max:200'],
                'reason' => ['required', 'string', 'max:300'],
                'photo_first' => ['sometimes', 'boolean'],
                'about' => ['sometimes', 'array'],
                ...self::aboutRules(),
            ],
            [
                'reason.required' => 'Say why the sheet changes: the next one asks.',
                'steps.*.text.required' => 'A step needs words; take it out if it is not wanted.',
            ],
        );
        DB::transaction(function () use ($taskType, $given, $user): void {
            $type = TaskType::query()->lockForUpdate()->whereKey($taskType->id)->firstOrFail();
            if ($type->version !== (int) $given['version']) {
                throw ValidationException::withMessages([
                    'version' => "Somebody made version {$type->version} of this sheet meanwhile. Read it, then change it ".
                        'again; what you typed stays here.',
                ]);
            }
            $columns = [
                'steps' => array_column($given['steps'], 'text'),
                'holds' => array_keys(
                    array_filter(array_values($given['steps']), fn (array $s): bool => ($s['hold'] ?? false) === true),
                ),
                'cautions' => array_values($given['cautions']),
                'about' => self::about($given['about'] ?? $type->about),
                'products' => array_map(
                    intval(...),
                    array_filter(
                        array_map(fn (array $s): ?int => $s['product_id'] ?? null, array_values($given['steps'])),
                    ),
                ),
            ];
            $type->update([
                ...$columns,
                'photo_first' => $given['photo_first'] ?? $type->photo_first,
                'version' => $type->version + 1,
                'version_on' => Days::today()->toDateString(),
            ]);
            $type
                ->sheets()
                ->create([
                    ...$columns,
                    'version' => $type->version,
                    'reason' => $given['reason'],
                    'user_id' => $user->id,
                ]);
        });

        return back()->with('said', 'A new version from now on. Visits that began keep theirs.');
    }

    /** @return array<string, list<string>> */
    private static function aboutRules(): array
    {
        $rules = [];
        foreach (TaskType::ABOUT as $key => $list) {
            $rules += $list
                ? ["about.{$key}" => ['array', 'max:20'], "about.{$key}.*" => ['string', 'max:80']]
                : ["about.{$key}" => ['nullable', 'string', 'max:300']];
        }

        return $rules;
    }

    /**
     * @param  array<string, mixed>  $given
     * @return array<string, string|list<string>>
     */
    private static function about(array $given): array
    {
        $about = [];
        foreach (TaskType::ABOUT as $key => $list) {
            $value = $given[$key] ?? null;
            $about[$key] = $list
                ? array_values(array_filter(is_array($value) ? $value : [], is_string(...)))
                : (is_string($value)
                    ? $value
                    : '');
        }

        return $about;
    }

    /** The sheets as they are worked at one place. */
    public function ofSite(Site $site, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $site);
        Gate::authorize('viewAny', SiteStep::class);
        $own = SiteStep::query()->current()->where('site_id', $site->id)->with('user')->orderBy('id')->get();
        $types = TaskType::query()
            ->current()
            ->whereIn(
                'id',
                Task::query()
                    ->whereNull('ended_at')
                    ->whereIn('system_id', System::query()->current()->where('site_id', $site->id)->select('id'))
                    ->select('task_type_id'),
            )
            ->orWhereIn('id', $own->pluck('task_type_id'))
            ->orderBy('name')
            ->get()
            ->sortByDesc(fn (TaskType $t): bool => $own->contains('task_type_id', $t->id))
            ->values();

        return Inertia::render('rounds/SiteJobs', [
            'crumbs' => [
                new CrumbView((string) $site->loadMissing('client')->client?->name, "/clients/{$site->client_id}"),
                new CrumbView($site->name, "/sites/{$site->id}"),
            ],
            'siteId' => $site->id,
            'name' => $site->name,
            'jobs' => $types->map(
                fn (TaskType $t): SiteJobView => SiteJobView::of($t, $own->where('task_type_id', $t->id)),
            ),
            'does' => collect(SiteDoes::cases())->mapWithKeys(fn (SiteDoes $d): array => [$d->value => $d->label()]),
            'wishes' => SiteWish::query()
                ->where('site_id', $site->id)
                ->whereNull('released_at')
                ->with(['person', 'user'])
                ->orderBy('id')
                ->get()
                ->map(fn (SiteWish $w): WishView => WishView::of($w)),
            'events' => array_map(
                fn (SiteEvent $e): array => [
                    'id' => $e->id,
                    'text' => $e->text,
                    'on' => $e->on->toDateString(),
                    'clearDays' => $e->clear_days,
                ],
                SiteEvent::coming([$site->id])[$site->id] ?? [],
            ),
            'clearDays' => Disturbance::CLEAR_DAYS,
            'people' => Away::people(),
            'mayPlan' => $user->plans(),
            'mayDiffer' => $user->can('create', [SiteStep::class, $site]),
        ]);
    }

    public function differ(Request $request, Site $site, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('view', $site);
        Gate::authorize('create', [SiteStep::class, $site]);
        $given = $request->validate(
            [
                'task_type_id' => ['required', 'integer', Rule::exists('task_types', 'id')->whereNull('archived_at')],
                'step' => ['required', 'integer', 'min:0', 'max:'.self::STEPS],
                'does' => ['required', Rule::enum(SiteDoes::class)],
                'text' => ['required_unless:does,skip', 'nullable', 'string', 'max:300'],
                'why' => ['required', 'string', 'max:300'],
                'photo' => array_replace(Attachments::rules(), [0 => 'nullable']),
            ],
            ['why.required' => 'Say why this place differs.', 'text.required_unless' => 'Say what is done here.'] +
                Attachments::messages(),
        );
        $type = TaskType::query()->whereKey($given['task_type_id'])->firstOrFail();
        if (! isset($type->steps[(int) $given['step']])) {
            throw ValidationException::withMessages(['step' => 'The sheet has no such step.']);
        }
        if (
            $given['does'] !== SiteDoes::After->value &&
            SiteStep::query()
                ->current()
                ->where(['site_id' => $site->id, 'task_type_id' => $type->id, 'step' => $given['step']])
                ->where('does', '<>', SiteDoes::After->value)
                ->exists()
        ) {
            throw ValidationException::withMessages([
                'step' => 'This place already has its own way at this step. Take that away first.',
            ]);
        }
        DB::transaction(function () use ($request, $site, $given, $user): void {
            $photo = $request->file('photo');
            try {
                $kept =
                    $photo instanceof UploadedFile
                        ? Attachments::keep(
                            $site,
                            $photo,
                            mb_substr((string) ($given['text'] ?? $given['why']), 0, 200),
                            $user,
                        )
                        : null;
            } catch (ValidationException $e) {
                throw ValidationException::withMessages(['photo' => $e->getMessage()]);
            }
            SiteStep::query()->create(
                [
                    'site_id' => $site->id,
                    'user_id' => $user->id,
                    'attachment_id' => $kept?->id,
                    'text' => $given['text'] ?? '',
                ] + array_diff_key($given, ['photo' => 0]),
            );
        });

        return back()->with('said', 'Every visit here shows it from now on.');
    }

    public function asElsewhere(SiteStep $siteStep): RedirectResponse
    {
        Gate::authorize('update', $siteStep);
        $siteStep->archive();

        return back()->with('said', 'As everywhere else again; the trail keeps it.');
    }
}
