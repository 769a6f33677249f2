<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\House\Days;
use App\Rounds\AddJob;
use App\Rounds\Away;
use App\Rounds\Disturbed;
use App\Rounds\FollowUp;
use App\Rounds\Lock;
use App\Rounds\Observation;
use App\Rounds\OffRecord;
use App\Rounds\Task;
use App\Rounds\TaskStart;
use App\Rounds\TaskTriggers;
use App\Rounds\TaskType;
use App\Rounds\Views\ChargeView;
use App\Rounds\Views\FollowUpView;
use App\Rounds\Views\OffView;
use App\Rounds\Views\TaskLineView;
use App\Rounds\Visit;
use App\Rounds\VisitMaker;
use App\Rounds\VisitTask;
use App\Systems\Material;
use App\Systems\Parameters;
use App\Systems\System;
use App\Systems\Views\SystemHeaderView;
use App\Team\Colleague;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Chemistry\Measured;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Rounds\Interval;
use Velbrin\Core\Rounds\Sign;
use Velbrin\Core\Rounds\TriggerKind;
use Velbrin\Core\Rounds\UsedBy;

/** What recurs on one system: its ranges, its deviations, what is off, what was put off. */
final class TaskController
{
    public function index(System $system, #[CurrentUser] User $user): Response
    {
        Gate::authorize('viewWorking', $system);
        $system->load(['site.client', 'keeper', ...SystemHeaderView::loads()]);
        $today = Days::today();

        return Inertia::render('rounds/SystemTasks', [
            'header' => SystemHeaderView::of($system, $user),
            'tasks' => Task::query()
                ->where('system_id', $system->id)
                ->whereNull('ended_at')
                ->with('type')
                ->orderByRaw('due_on is null, due_on')
                ->get()
                ->map(fn (Task $t): TaskLineView => TaskLineView::of($t->setRelation('system', $system), $today)),
            'types' => TaskType::query()
                ->current()
                ->where('build', false)
                ->whereNotIn(
                    'id',
                    Task::query()->where('system_id', $system->id)->whereNull('ended_at')->select('task_type_id'),
                )
                ->where('every_days', '>', 0)
                ->orderBy('name')
                ->get(['id', 'name', 'every_days'])
                ->map(fn (TaskType $t): array => ['id' => $t->id, 'name' => $t->name, 'everyDays' => $t->every_days]),
            'later' => FollowUp::query()
                ->where('system_id', $system->id)
                ->whereNull('done_at')
                ->with('owner')
                ->orderBy('due_on')
                ->limit(50)
                ->get()
                ->map(fn (FollowUp $f): FollowUpView => FollowUpView::of($f->setRelation('system', $system))),
            'offs' => OffRecord::query()
                ->where('system_id', $system->id)
                ->whereNull('on_at')
                ->with(['by', 'owner'])
                ->orderBy('off_at')
                ->get()
                ->map(fn (OffRecord $o): OffView => OffView::of($o)),
            'seen' => Observation::query()
                ->join('users', 'users.id', '=', 'observations.user_id')
                ->where('system_id', $system->id)
                ->latest('seen_at')
                ->limit(12)
                ->get(['observations.*', 'users.name as seen_by'])
                ->map(
                    fn (Observation $o): array => [
                        'sign' => Sign::tryFrom($o->sign)?->label() ?? $o->sign,
                        'grade' => $o->grade,
                        'note' => $o->note,
                        'at' => $o->seen_at->toIso8601ZuluString(),
                        'by' => is_string($by = $o->getAttribute('seen_by')) ? $by : '',
                    ],
                ),
            'people' => Away::people(),
            'mayPlan' => $user->can('plan', Visit::class),
            'kinds' => collect(TriggerKind::chosen())->mapWithKeys(
                fn (TriggerKind $k): array => [$k->value => $k->label()],
            ),
            'signs' => collect(Sign::cases())->mapWithKeys(fn (Sign $s): array => [$s->value => $s->label()]),
            'usedBy' => collect(UsedBy::cases())->mapWithKeys(fn (UsedBy $u): array => [$u->value => $u->label()]),
            'parameters' => collect(Parameters::here()->all())->mapWithKeys(
                fn (Measured $p): array => [$p->key() => $p->label()],
            ),
            'charges' => ChargeView::all(
                Material::charges($system->id)->orderBy('due_on')->get()->toBase(),
                $user->units(),
            ),
            'locks' => Lock::words($system->id),
            'disturbed' => Disturbed::at(now()->toImmutable())
                ->where('system_id', $system->id)
                ->orderBy('until_at')
                ->get()
                ->map(fn (Disturbed $d): array => ['id' => $d->id, 'words' => $d->words()]),
            'isolated' => ['since' => $system->isolated_since?->toDateString(), 'reason' => $system->isolated_reason],
        ]);
    }

    /** The regime's standard set, or one type with its own range. */
    public function store(Request $request, System $system): RedirectResponse
    {
        Gate::authorize('update', $system);
        if ($request->boolean('standard')) {
            return back()->with('said', TaskStart::standard($system)->words());
        }
        $given = $request->validate(
            [
                ...$this->rules(),
                'task_type_id' => [
                    'required',
                    'integer',
                    Rule::exists('task_types', 'id')->whereNull('archived_at')->where('build', 0),
                    Rule::unique('tasks', 'task_type_id')->where('system_id', $system->id)->whereNull('ended_at'),
                ],
                'last_done_on' => ['nullable', 'date', 'before_or_equal:'.Days::text()],
                'first_on' => ['nullable', 'date', 'prohibits:last_done_on'],
            ],
            ['first_on.prohibits' => 'Either it was done before, or it begins on a day: not both.'],
        );
        $this->ordered($given);
        $blank = ['last_done_on' => null, 'first_on' => null, 'triggers' => null, 'ended_at' => null, 'turn' => 0];
        $task = Task::query()->firstOrNew(['system_id' => $system->id, 'task_type_id' => $given['task_type_id']]);
        $task
            ->fill([...$blank, ...$given])
            ->load('type')
            ->settle();
        $task->save();

        return back()->with('said', $this->says($task));
    }

    public function update(Request $request, Task $task): RedirectResponse
    {
        Gate::authorize('update', $task);
        $given = $request->validate(
            [...$this->rules(), 'reason' => ['required', 'string', 'max:300']],
            ['reason.required' => 'Say why this system differs: the next one asks.'],
        );
        $this->ordered($given);
        $task->fill($given);
        $task->load('type')->settle();
        $task->save();

        return back()->with('said', $this->says($task));
    }

    private function says(Task $task): string
    {
        return $task->due_on === null
            ? 'Kept. Nothing asks for it now; it comes when its reason does.'
            : 'Kept. It is due '.$task->due_on->format('D j M').'.';
    }

    /** Not yet due, and done all the same when somebody is there: onto the place's next visit. */
    public function ride(Task $task, AddJob $add): RedirectResponse
    {
        Gate::authorize('update', $task);
        $system = $task->system()->firstOrFail();
        if ($task->due_on === null) {
            $today = Days::text();
            $task->update(['earliest_on' => $today, 'due_on' => $today, 'latest_on' => $today]);
        }
        $next = $add->nextVisit($system->site_id);
        if ($next === null) {
            $task->carryTo(Days::today());
            $made = VisitMaker::at([$system->site_id]);

            return back()->with(
                'said',
                $made->visits > 0
                    ? 'A visit is made for it: give it a crew and a day on the week.'
                    : 'It could not be put on a visit: is it suspended?',
            );
        }
        $job = $add->due($next, "t{$task->id}");

        return back()->with(
            'said',
            match (true) {
                $job === null => 'It could not be put on a visit: is it suspended?',
                $next->planned_on === null => 'It rides on the next visit there, which still waits for a day.',
                default => "It rides on the visit of {$next->planned_on->format('D j M')}.",
            },
        );
    }

    /** Not now, on purpose: with a reason and a day to look at it again. */
    public function suspend(Request $request, Task $task): RedirectResponse
    {
        Gate::authorize('update', $task);
        $given = $request->validate(
            [
                'suspended_until' => ['nullable', 'date', 'after:'.Days::text()],
                'suspended_reason' => ['required_with:suspended_until', 'nullable', 'string', 'max:300'],
            ],
            ['suspended_until.after' => 'Name a day to look at it again.'],
        );
        $task->update([
            'suspended_until' => $given['suspended_until'] ?? null,
            'suspended_reason' => $given['suspended_reason'] ?? null,
        ]);

        return back()->with(
            'said',
            $task->suspended_until === null ? 'It recurs again.' : 'Suspended; it comes back to be looked at.',
        );
    }

    public function end(Task $task): RedirectResponse
    {
        Gate::authorize('update', $task);
        $task->update(['ended_at' => now()]);

        return back()->with('said', 'It no longer recurs; its history stays.');
    }

    public function followUp(Request $request, System $system): RedirectResponse
    {
        Gate::authorize('record', $system);
        $given = $request->validate([
            'text' => ['required', 'string', 'max:500'],
            'owner_id' => ['required', 'integer', Colleague::rule()],
            'due_on' => ['required', 'date', 'after_or_equal:'.Days::text()],
            'latest_on' => ['nullable', 'date', 'after_or_equal:due_on'],
            'on_site' => ['sometimes', 'boolean'],
            'minutes' => ['nullable', 'numeric:strict', 'gt:0', 'max:'.AddJob::MOST_MIN],
            'persons' => ['nullable', 'integer:strict', 'between:1,2'],
            'task_type_id' => ['nullable', 'integer', Rule::exists('task_types', 'id')->whereNull('archived_at')],
        ]);
        $isJob = $request->boolean('on_site');
        FollowUp::query()->create([
            ...array_filter($given, fn (mixed $v): bool => $v !== null),
            'on_site' => $isJob,
            'system_id' => $system->id,
            'kind' => $isJob ? 'one-off' : 'follow-up',
        ]);
        $made = $isJob ? VisitMaker::at([$system->site_id]) : null;

        return back()->with(
            'said',
            match (true) {
                $made === null => 'It has an owner and a day.',
                $made->rode > 0 => 'It rides on the next visit there.',
                $made->visits > 0 => 'A visit is made for it: give it a crew and a day on the week.',
                default => 'It becomes a visit, or rides on one, by its day.',
            },
        );
    }

    public function followUpDone(Request $request, FollowUp $followUp, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $followUp);
        DB::transaction(function () use ($followUp, $user): void {
            $followUp->update(['done_at' => now(), 'done_by' => $user->id]);
            VisitTask::query()
                ->where('follow_up_id', $followUp->id)
                ->where('state', 'open')
                ->whereHas('visit', fn ($v) => $v->whereIn('state', [Visit::OPEN, Visit::PLANNED]))
                ->delete();
            $followUp
                ->system()
                ->firstOrFail()
                ->logEntries()
                ->create([
                    'kind' => 'work',
                    'text' => "Done: {$followUp->text}",
                    'happened_at' => now(),
                    'user_id' => $user->id,
                ]);
        });

        return back()->with('said', 'Done.');
    }

    /** On again, from wherever somebody stands before it. */
    public function on(Request $request, OffRecord $off, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $off);
        DB::transaction(function () use ($off, $user): void {
            $off->update(['on_at' => now(), 'on_by' => $user->id]);
            $off->system()
                ->firstOrFail()
                ->logEntries()
                ->create([
                    'kind' => 'change',
                    'text' => "{$off->what} on again",
                    'happened_at' => now(),
                    'user_id' => $user->id,
                ]);
        });

        return back()->with('said', "{$off->what} is on again.");
    }

    /** Apart from all others: the round visits it last (L-51). */
    public function isolate(Request $request, System $system): RedirectResponse
    {
        Gate::authorize('update', $system);
        $given = $request->validate([
            'isolated' => ['required', 'boolean'],
            'reason' => ['required_if:isolated,true', 'nullable', 'string', 'max:300'],
        ]);
        $system->update([
            'isolated_since' => $given['isolated'] ? Days::text() : null,
            'isolated_reason' => $given['isolated'] ? $given['reason'] : null,
        ]);

        return back()->with(
            'said',
            $given['isolated'] ? 'Isolated: last in the day, its own tools.' : 'No longer isolated.',
        );
    }

    /** @return array<string, list<mixed>> */
    private function rules(): array
    {
        return [
            'every_days' => ['required_without:triggers', 'nullable', 'numeric:strict', 'gt:0', 'max:2000'],
            'earliest_days' => ['nullable', 'numeric:strict', 'min:0', 'max:2000'],
            'latest_days' => ['nullable', 'numeric:strict', 'min:0', 'max:4000'],
            ...TaskTriggers::rules(),
            'reason' => ['nullable', 'string', 'max:300'],
            'litres' => ['nullable', 'numeric:strict', 'gt:0', 'max:100000'],
            'until_on' => ['nullable', 'date', 'after:'.Days::text()],
        ];
    }

    /** @param  array<string, mixed>  $given */
    private function ordered(array $given): void
    {
        $number = fn (string $key): ?float => is_numeric($given[$key] ?? null) ? (float) $given[$key] : null;
        try {
            if ($number('every_days') !== null) {
                Interval::of($number('every_days'), $number('earliest_days'), $number('latest_days'));
            }
        } catch (OutOfRange $e) {
            throw ValidationException::withMessages([
                $e->field === 'earliestDays'
                    ? 'earliest_days'
                    : 'latest_days' => "Days stand in the order: from, due, overdue. Allowed: {$e->allowed}.",
            ]);
        }
        try {
            TaskTriggers::check(
                array_values(
                    array_filter(is_array($given['triggers'] ?? null) ? $given['triggers'] : [], is_array(...)),
                ),
            );
        } catch (OutOfRange $e) {
            throw ValidationException::withMessages(['triggers' => "{$e->getMessage()}: give {$e->allowed}."]);
        }
    }
}
