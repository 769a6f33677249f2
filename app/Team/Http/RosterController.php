<?php

declare(strict_types=1);

namespace App\Team\Http;

use App\House\Days;
use App\Team\Absence;
use App\Team\Colleague;
use App\Team\Holiday;
use App\Team\OnCall;
use App\Team\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** Who answers the phone, who is away, which days are none. */
final class RosterController
{
    public function show(): Response
    {
        Gate::authorize('viewAny', OnCall::class);
        $today = Days::text();

        return Inertia::render('team/Roster', [
            'onCall' => OnCall::query()
                ->where('until_on', '>=', $today)
                ->with('user')
                ->orderBy('from_on')
                ->orderBy('position')
                ->limit(60)
                ->get()
                ->map(
                    fn (OnCall $o): array => [
                        'id' => $o->id,
                        'who' => (string) $o->user?->name,
                        'fromOn' => $o->from_on->toDateString(),
                        'untilOn' => $o->until_on->toDateString(),
                        'position' => $o->position,
                    ],
                ),
            'absences' => Absence::query()
                ->where('until_on', '>=', $today)
                ->with('user')
                ->orderBy('from_on')
                ->limit(60)
                ->get()
                ->map(
                    fn (Absence $a): array => [
                        'id' => $a->id,
                        'who' => (string) $a->user?->name,
                        'fromOn' => $a->from_on->toDateString(),
                        'untilOn' => $a->until_on->toDateString(),
                        'reason' => $a->reason,
                    ],
                ),
            'holidays' => Holiday::query()
                ->where('on', '>=', $today)
                ->orderBy('on')
                ->limit(40)
                ->get()
                ->map(fn (Holiday $h): array => ['id' => $h->id, 'on' => $h->on->toDateString(), 'name' => $h->name]),
            'people' => User::query()
                ->current()
                ->whereIn('role', ['owner', 'planner', 'technician'])
                ->orderBy('name')
                ->pluck('name', 'id'),
            'mayPlan' => Gate::allows('create', OnCall::class),
        ]);
    }

    public function onCall(Request $request): RedirectResponse
    {
        Gate::authorize('create', OnCall::class);
        OnCall::query()->create(
            $request->validate([...$this->days(), 'position' => ['required', 'integer', 'between:1,5']]),
        );

        return back()->with('said', 'On the roster.');
    }

    public function absence(Request $request): RedirectResponse
    {
        Gate::authorize('create', Absence::class);
        Absence::query()->create($request->validate([...$this->days(), 'reason' => ['required', 'string', 'max:120']]));

        return back()->with('said', 'Away: crews, calls and hours in hand count on it. Work out the risk again.');
    }

    public function holiday(Request $request): RedirectResponse
    {
        Gate::authorize('create', Holiday::class);
        Holiday::query()->create(
            $request->validate([
                'on' => ['required', 'date', Rule::unique('holidays', 'on')],
                'name' => ['required', 'string', 'max:120'],
            ]),
        );

        return back()->with('said', 'Nobody drives that day.');
    }

    public function remove(string $kind, int $id): RedirectResponse
    {
        $record = match ($kind) {
            'on-call' => OnCall::query()->whereKey($id)->firstOrFail(),
            'absence' => Absence::query()->whereKey($id)->firstOrFail(),
            'holiday' => Holiday::query()->whereKey($id)->firstOrFail(),
            default => abort(404),
        };
        Gate::authorize('update', $record);
        $record->delete();

        return back()->with('said', 'Taken off.');
    }

    /** @return array<string, list<mixed>> */
    private function days(): array
    {
        return [
            'user_id' => ['required', 'integer', Colleague::rule()],
            'from_on' => ['required', 'date'],
            'until_on' => ['required', 'date', 'after_or_equal:from_on'],
        ];
    }
}
