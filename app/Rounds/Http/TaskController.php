<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\Rounds\Days;
use App\Rounds\FollowUp;
use App\Rounds\Observation;
use App\Rounds\OffRecord;
use App\Rounds\Task;
use App\Rounds\TaskStart;
use App\Rounds\TaskType;
use App\Rounds\Views\FollowUpView;
use App\Rounds\Views\OffView;
use App\Rounds\Views\TaskLineView;
use App\Rounds\Visit;
use App\Systems\System;
use App\Systems\Views\SystemHeaderView;
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
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Rounds\Interval;
use Velbrin\Core\Rounds\Sign;

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
            'tasks' => Task::query()->where('system_id', $system->id)->whereNull('ended_at')->with('type')->orderBy('due_on')->get()->map(fn (Task $t): TaskLineView => TaskLineView::of($t->setRelation('system', $system), $today)),
            'types' => TaskType::query()->current()->where('build', false)->whereNotIn('id', Task::query()->where('system_id', $system->id)->whereNull('ended_at')->select('task_type_id'))->orderBy('name')->get(['id', 'name', 'every_days'])->map(fn (TaskType $t): array => ['id' => $t->id, 'name' => $t->name, 'everyDays' => $t->every_days]),
            'later' => FollowUp::query()->where('system_id', $system->id)->whereNull('done_at')->with(['system', 'owner'])->orderBy('due_on')->limit(50)->get()->map(fn (FollowUp $f): FollowUpView => FollowUpView::of($f)),
            'offs' => OffRecord::query()->where('system_id', $system->id)->whereNull('on_at')->with(['by', 'owner'])->orderBy('off_at')->get()->map(fn (OffRecord $o): OffView => OffView::of($o)),
            'seen' => Observation::query()->where('system_id', $system->id)->with('user')->latest('seen_at')->limit(12)->get()->map(fn (Observation $o): array => ['sign' => Sign::tryFrom($o->sign)?->label() ?? $o->sign, 'grade' => $o->grade, 'note' => $o->note, 'at' => $o->seen_at->toIso8601ZuluString(), 'by' => (string) $o->user?->name]),
            'people' => User::query()->current()->whereIn('role', ['owner', 'planner', 'technician'])->orderBy('name')->pluck('name', 'id'),
            'mayPlan' => $user->can('plan', Visit::class),
            'isolated' => ['since' => $system->isolated_since?->toDateString(), 'reason' => $system->isolated_reason],
        ]);
    }

    /** The regime's standard set, or one type with its own range. */
    public function store(Request $request, System $system): RedirectResponse
    {
        Gate::authorize('update', $system);
        if ($request->boolean('standard')) {
            return back()->with('said', TaskStart::standard($system).' tasks of the regime, due from today on.');
        }
        $given = $request->validate([...$this->rules(), 'task_type_id' => ['required', 'integer', Rule::exists('task_types', 'id')->whereNull('archived_at')->where('build', 0), Rule::unique('tasks', 'task_type_id')->where('system_id', $system->id)->whereNull('ended_at')], 'last_done_on' => ['nullable', 'date', 'before_or_equal:today']]);
        $this->ordered($given);
        $task = Task::query()->updateOrCreate(['system_id' => $system->id, 'task_type_id' => $given['task_type_id']], [...$given, 'last_done_on' => $given['last_done_on'] ?? Days::today()->toDateString(), 'ended_at' => null]);
        $task->load('type')->settle();
        $task->save();

        return back()->with('said', 'It recurs from now on.');
    }

    public function update(Request $request, Task $task): RedirectResponse
    {
        Gate::authorize('update', $task);
        $given = $request->validate([...$this->rules(), 'reason' => ['required', 'string', 'max:300']], ['reason.required' => 'Say why this system differs: the next one asks.']);
        $this->ordered($given);
        $task->fill($given);
        $task->load('type')->settle();
        $task->save();

        return back()->with('said', 'Kept. The next one is due '.$task->due_on?->format('j M').'.');
    }

    /** Not now, on purpose: with a reason and a day to look at it again. */
    public function suspend(Request $request, Task $task): RedirectResponse
    {
        Gate::authorize('update', $task);
        $given = $request->validate(['suspended_until' => ['nullable', 'date', 'after:today'], 'suspended_reason' => ['required_with:suspended_until', 'nullable', 'string', 'max:300']], ['suspended_until.after' => 'Name a day to look at it again.']);
        $task->update(['suspended_until' => $given['suspended_until'] ?? null, 'suspended_reason' => $given['suspended_reason'] ?? null]);

        return back()->with('said', $task->suspended_until === null ? 'It recurs again.' : 'Suspended; it comes back to be looked at.');
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
        $given = $request->validate(['text' => ['required', 'string', 'max:500'], 'owner_id' => ['required', 'integer', Rule::exists('users', 'id')->whereNull('archived_at')], 'due_on' => ['required', 'date', 'after_or_equal:today']]);
        FollowUp::query()->create([...$given, 'system_id' => $system->id, 'kind' => 'follow-up']);

        return back()->with('said', 'It has an owner and a day.');
    }

    public function followUpDone(Request $request, FollowUp $followUp, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $followUp);
        DB::transaction(function () use ($followUp, $user): void {
            $followUp->update(['done_at' => now(), 'done_by' => $user->id]);
            $followUp->system()->firstOrFail()->logEntries()->create(['kind' => 'work', 'text' => "Done: {$followUp->text}", 'happened_at' => now(), 'user_id' => $user->id]);
        });

        return back()->with('said', 'Done.');
    }

    /** On again, from wherever somebody stands before it. */
    public function on(Request $request, OffRecord $off, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $off);
        DB::transaction(function () use ($off, $user): void {
            $off->update(['on_at' => now(), 'on_by' => $user->id]);
            $off->system()->firstOrFail()->logEntries()->create(['kind' => 'change', 'text' => "{$off->what} on again", 'happened_at' => now(), 'user_id' => $user->id]);
        });

        return back()->with('said', "{$off->what} is on again.");
    }

    /** Apart from all others: the round visits it last (L-51). */
    public function isolate(Request $request, System $system): RedirectResponse
    {
        Gate::authorize('update', $system);
        $given = $request->validate(['isolated' => ['required', 'boolean'], 'reason' => ['required_if:isolated,true', 'nullable', 'string', 'max:300']]);
        $system->update(['isolated_since' => $given['isolated'] ? Days::today()->toDateString() : null, 'isolated_reason' => $given['isolated'] ? $given['reason'] : null]);

        return back()->with('said', $given['isolated'] ? 'Isolated: last in the day, its own tools.' : 'No longer isolated.');
    }

    /** @return array<string, list<mixed>> */
    private function rules(): array
    {
        return [
            'every_days' => ['required', 'numeric:strict', 'gt:0', 'max:2000'], 'earliest_days' => ['nullable', 'numeric:strict', 'min:0', 'max:2000'], 'latest_days' => ['nullable', 'numeric:strict', 'min:0', 'max:4000'],
            'reason' => ['nullable', 'string', 'max:300'], 'litres' => ['nullable', 'numeric:strict', 'gt:0', 'max:100000'], 'until_on' => ['nullable', 'date', 'after:today'],
        ];
    }

    /** @param  array<string, mixed>  $given */
    private function ordered(array $given): void
    {
        $number = fn (string $key): ?float => is_numeric($given[$key] ?? null) ? (float) $given[$key] : null;
        try {
            Interval::of((float) $number('every_days'), $number('earliest_days'), $number('latest_days'));
        } catch (OutOfRange $e) {
            throw ValidationException::withMessages([$e->field === 'earliestDays' ? 'earliest_days' : 'latest_days' => "Days stand in the order: from, due, overdue. Allowed: {$e->allowed}."]);
        }
    }
}
