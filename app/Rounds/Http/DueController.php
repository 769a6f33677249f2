<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\House\Days;
use App\House\Views\PageView;
use App\Rounds\FollowUp;
use App\Rounds\Task;
use App\Rounds\TaskType;
use App\Rounds\Views\FollowUpView;
use App\Rounds\Views\TaskLineView;
use App\Rounds\Visit;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** What comes due across all systems, and every “later” with its owner. */
final class DueController
{
    public function __invoke(Request $request, #[CurrentUser] User $user): Response
    {
        Gate::authorize('viewAny', Task::class);
        $given = $request->validate([
            'what' => ['nullable', Rule::in(['due', 'soon', 'suspended', 'later'])],
            'type' => ['nullable', 'integer'],
        ]);
        $today = Days::today();
        $what = (string) ($given['what'] ?? 'due');
        $date = $today->toDateString();
        $tasks = Task::query()
            ->whereNull('ended_at')
            ->whereIn('system_id', System::query()->current()->select('id'))
            ->with([
                'type',
                'system' => fn ($q) => $q->select(['id', 'name', 'site_id']),
                'system.site' => fn ($q) => $q->select(['id', 'name', 'client_id']),
                'system.site.client',
            ])
            ->when(
                $what === 'due',
                fn ($q) => $q
                    ->where('due_on', '<=', $date)
                    ->where(fn ($s) => $s->whereNull('suspended_until')->orWhere('suspended_until', '<=', $date)),
            )
            ->when(
                $what === 'soon',
                fn ($q) => $q
                    ->where('due_on', '>', $date)
                    ->where('due_on', '<=', $today->addDays(14)->toDateString())
                    ->where(fn ($s) => $s->whereNull('suspended_until')->orWhere('suspended_until', '<=', $date)),
            )
            ->when($what === 'suspended', fn ($q) => $q->where('suspended_until', '>', $date))
            ->when(isset($given['type']), fn ($q) => $q->where('task_type_id', $given['type']))
            ->orderBy($what === 'suspended' ? 'suspended_until' : 'latest_on')
            ->orderBy('id')
            ->simplePaginate(40)
            ->withQueryString();
        $later = FollowUp::query()
            ->whereNull('done_at')
            ->with(['system', 'owner'])
            ->when(! $user->plans(), fn ($q) => $q->where('owner_id', $user->id))
            ->orderBy('due_on')
            ->orderBy('id');

        return Inertia::render('rounds/Due', [
            'tasks' => $what === 'later'
                    ? []
                    : array_map(fn (Task $t): TaskLineView => TaskLineView::of($t, $today), $tasks->items()),
            'page' => PageView::of($tasks),
            'later' => $what === 'later'
                    ? $later->limit(100)->get()->map(fn (FollowUp $f): FollowUpView => FollowUpView::of($f))
                    : [],
            'counts' => [...$this->counts($date), 'later' => (clone $later)->count()],
            'what' => $what,
            'type' => isset($given['type']) ? (int) $given['type'] : null,
            'types' => TaskType::query()->current()->where('build', false)->orderBy('name')->pluck('name', 'id'),
            'mayPlan' => $user->can('plan', Visit::class),
        ]);
    }

    /** @return array{due: int, overdue: int} */
    private function counts(string $date): array
    {
        $row = DB::table('tasks')
            ->whereNull('ended_at')
            ->whereNotIn('system_id', System::query()->whereNotNull('archived_at')->select('id'))
            ->where('due_on', '<=', $date)
            ->where(fn ($s) => $s->whereNull('suspended_until')->orWhere('suspended_until', '<=', $date))
            ->selectRaw('count(*) as due, coalesce(sum(latest_on < ?), 0) as overdue', [$date])
            ->first();

        return [
            'due' => is_numeric($row?->due) ? (int) $row->due : 0,
            'overdue' => is_numeric($row?->overdue) ? (int) $row->overdue : 0,
        ];
    }
}
