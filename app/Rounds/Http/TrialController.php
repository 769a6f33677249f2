<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\House\Days;
use App\Rounds\FollowUp;
use App\Rounds\Trial;
use App\Rounds\Verdict;
use App\Rounds\Views\MethodResultView;
use App\Rounds\Views\TrialView;
use App\Systems\Parameters;
use App\Systems\System;
use App\Systems\Views\SystemHeaderView;
use App\Team\Colleague;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Chemistry\Measured;

/** Choices on trial, on one system and by method across all (X-57). */
final class TrialController
{
    private const JUDGED_SHOWN = 500;

    public function index(#[CurrentUser] User $user): Response
    {
        Gate::authorize('viewAny', Trial::class);
        $judged = Trial::query()
            ->whereNotNull('verdict')
            ->with('system')
            ->latest('judged_at')
            ->limit(self::JUDGED_SHOWN)
            ->get()
            ->toBase();

        return Inertia::render('rounds/Trials', [
            'methods' => array_values(
                $judged
                    ->groupBy(fn (Trial $t): string => mb_strtolower($t->method).'|'.$t->parameter)
                    ->map(fn (Collection $same): MethodResultView => MethodResultView::of($same, $user))
                    ->sortByDesc('count')
                    ->all(),
            ),
            'open' => Trial::query()
                ->whereNull('verdict')
                ->with(['system', 'user'])
                ->orderBy('judge_on')
                ->limit(100)
                ->get()
                ->map(fn (Trial $t): TrialView => TrialView::of($t, null, $user)),
        ]);
    }

    public function ofSystem(System $system, #[CurrentUser] User $user): Response
    {
        Gate::authorize('viewWorking', $system);
        $system->load(['site.client', 'keeper', 'vessels', ...SystemHeaderView::loads()]);
        $trials = Trial::query()
            ->where('system_id', $system->id)
            ->with(['user', 'judge'])
            ->orderByRaw('verdict is not null')
            ->orderByDesc('started_on')
            ->limit(40)
            ->get();

        return Inertia::render('rounds/SystemTrials', [
            'header' => SystemHeaderView::of($system, $user),
            'trials' => $trials->map(
                fn (Trial $t): TrialView => TrialView::of(
                    $t->setRelation('system', $system),
                    $t->verdict === null ? $t->effectAt(CarbonImmutable::now()) : null,
                    $user,
                ),
            ),
            'parameters' => collect(Parameters::here()->all())->mapWithKeys(
                fn (Measured $p): array => [$p->key() => $p->label()],
            ),
            'methods' => Trial::query()->select('method')->distinct()->orderBy('method')->limit(200)->pluck('method'),
            'people' => User::query()->current()->where('role', '<>', 'client')->orderBy('name')->pluck('name', 'id'),
            'me' => $user->id,
        ]);
    }

    public function store(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('record', $system);
        $given = $request->validate(
            [
                'method' => ['required', 'string', 'max:120'],
                'expectation' => ['required', 'string', 'max:300'],
                'parameter' => [
                    'nullable',
                    'string',
                    Rule::in(array_map(fn (Measured $p): string => $p->key(), Parameters::here()->all())),
                ],
                'measure' => ['required_without:parameter', 'nullable', 'string', 'max:200'],
                'started_on' => ['required', 'date', 'before_or_equal:'.Days::text()],
                'judge_on' => ['required', 'date', 'after:'.Days::text(), 'after:started_on'],
                'owner_id' => [
                    'required',
                    'integer',
                    Colleague::rule(),
                ],
            ],
            [
                'expectation.required' => 'Say what you expect: otherwise nobody can judge it.',
                'measure.required_without' => 'Name a value, or say how it will be judged.',
                'judge_on.after' => 'Name a day to come.',
            ],
        );
        DB::transaction(function () use ($system, $given, $user): void {
            $follow = FollowUp::query()->create([
                'system_id' => $system->id,
                'kind' => 'check-back',
                'on_site' => true,
                'text' => mb_substr("Judge the trial: {$given['method']}. Expected: {$given['expectation']}", 0, 500),
                'owner_id' => $given['owner_id'],
                'due_on' => $given['judge_on'],
            ]);
            Trial::query()->create([
                ...array_diff_key($given, ['owner_id' => 0]),
                'system_id' => $system->id,
                'follow_up_id' => $follow->id,
                'user_id' => $user->id,
            ]);
            $system
                ->logEntries()
                ->create([
                    'kind' => 'change',
                    'text' => "On trial: {$given['method']}. Expected: {$given['expectation']}",
                    'happened_at' => CarbonImmutable::parse($given['started_on'], Days::zone()),
                    'user_id' => $user->id,
                ]);
        });

        return back()->with('said', 'On trial. The day to judge it has an owner.');
    }

    public function judge(Request $request, Trial $trial, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $trial);
        $given = $request->validate(
            [
                'verdict' => ['required', Rule::enum(Verdict::class)],
                'verdict_words' => ['required', 'string', 'max:300'],
            ],
            ['verdict_words.required' => 'Say what was seen: the next one asks.'],
        );
        DB::transaction(function () use ($trial, $given, $user): void {
            $trial = Trial::query()->lockForUpdate()->whereKey($trial->id)->firstOrFail();
            if ($trial->verdict !== null) {
                throw ValidationException::withMessages(['verdict' => 'It is judged already.']);
            }
            $effect = $trial->effectAt(CarbonImmutable::now());
            $trial->update([
                ...$given,
                'judged_at' => now(),
                'judged_by' => $user->id,
                'effect' => $effect === null
                        ? null
                        : [...get_object_vars($effect), 'change' => $effect->change(), 'clear' => $effect->isClear()],
            ]);
            $trial->followUp?->update(['done_at' => now(), 'done_by' => $user->id]);
            $verdict = Verdict::from((string) $given['verdict'])->label();
            $trial->system
                ?->logEntries()
                ->create([
                    'kind' => 'change',
                    'text' => "Trial judged, {$verdict}: {$trial->method}. {$given['verdict_words']}",
                    'happened_at' => now(),
                    'user_id' => $user->id,
                ]);
        });

        return back()->with('said', 'Judged; it counts for the other systems too.');
    }
}
