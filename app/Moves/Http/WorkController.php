<?php

declare(strict_types=1);

namespace App\Moves\Http;

use App\Moves\Views\WorkLineView;
use App\Moves\Views\WorkView;
use App\Moves\Works\EndWork;
use App\Moves\Works\ExchangeDevice;
use App\Moves\Works\MarkWork;
use App\Moves\Works\SaidAt;
use App\Moves\Works\StartWork;
use App\Moves\Works\Work;
use App\Moves\Works\WorkMark;
use App\Systems\Http\SystemPage;
use App\Systems\Item;
use App\Systems\System;
use App\Systems\Vessel;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Moves\Work\WorkKind;
use Velbrin\Core\Moves\Work\WorkVerb;

/** Changes of a running system, each with its own list until it is really complete. */
final class WorkController
{
    private const SHOWN = 50;

    public function ofSystem(System $system, #[CurrentUser] User $user): Response
    {
        Gate::authorize('viewWorking', $system);
        SystemPage::load($system);
        $works = Work::query()
            ->where('system_id', $system->id)
            ->with(['system', 'vessel', 'marks'])
            ->orderByRaw('ended_at is not null')
            ->latest('id')
            ->limit(self::SHOWN)
            ->get();

        return SystemPage::render('moves/Works', $system, $user, [
            'works' => $works->map(fn (Work $w): WorkLineView => WorkLineView::of($w, $user)),
            'kinds' => array_map(fn (WorkKind $k): array => [
                'key' => $k->value,
                'label' => $k->label(),
                'job' => $k->device()?->value,
                'verbs' => array_map(fn (WorkVerb $v): array => ['key' => $v->value, 'label' => $v->label()], $k->verbs()),
            ], WorkKind::cases()),
            'devices' => array_values($system->items->whereNull('retired_at')->map(
                fn (Item $i): array => ['id' => $i->id, 'name' => $i->name, 'job' => $i->job->value],
            )->all()),
            'vessels' => array_values($system->vessels->where('role', 'other')->whereNull('left_on')->map(
                fn (Vessel $v): array => ['id' => $v->id, 'name' => $v->name],
            )->all()),
        ]);
    }

    public function store(StartWorkRequest $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        $work = StartWork::of(
            system: $system,
            kind: $request->kind(),
            verb: $request->verb(),
            name: $request->string('name')->toString(),
            facts: $request->facts(),
            item: $request->filled('item_id') ? Item::query()->findOrFail($request->integer('item_id')) : null,
            vessel: $request->filled('vessel_id') ? Vessel::query()->findOrFail($request->integer('vessel_id')) : null,
            on: $request->on(),
            user: $user,
        );

        return redirect("/works/{$work->id}")->with('said', 'Its list stands, and its first visit is in the rounds.');
    }

    public function show(Work $work, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $work);

        return Inertia::render('moves/Work', [
            'work' => WorkView::of($work->load(['system', 'item', 'vessel', 'marks.user', 'marks.work.system']), $user),
        ]);
    }

    /** A page of now is answered with itself; what waited on a phone, with a word. */
    public function mark(MarkWorkRequest $request, Work $work, #[CurrentUser] User $user): JsonResponse|RedirectResponse
    {
        MarkWork::of($work, $request->said($work), $user);

        return $request->expectsJson() ? response()->json(['outcome' => 'ok']) : back()->with('said', 'Written down.');
    }

    public function takeBack(WorkMark $mark, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $mark);
        MarkWork::takeBack($mark, $user);

        return back()->with('said', 'Taken back. It stays in the trail.');
    }

    /** The new device in its place, the old one out of the register. */
    public function exchange(Request $request, Work $work, #[CurrentUser] User $user): JsonResponse|RedirectResponse
    {
        Gate::authorize('record', $work);
        $brings = $work->verb->brings();
        $request->validate([
            'name' => [$brings ? 'required' : 'nullable', 'string', 'max:120'],
            'watts' => ['nullable', 'numeric', 'between:0,20000'],
            'serial' => ['nullable', 'string', 'max:60'],
            'why' => ['required', 'string', 'max:300'],
            'uuid' => ['nullable', 'uuid'],
            ...SaidAt::rules(),
        ], ['why.required' => 'Say why in a few words.']);
        $word = fn (string $key): ?string => $request->filled($key) ? $request->string($key)->toString() : null;
        ExchangeDevice::of($work, [
            'name' => $word('name'),
            'watts' => $request->filled('watts') ? $request->float('watts') : null,
            'serial' => $word('serial'),
            'why' => $request->string('why')->toString(),
            'uuid' => $word('uuid'),
            'at' => SaidAt::of($request, $work),
        ], $user);

        return $request->expectsJson() ? response()->json(['outcome' => 'ok']) : back()->with('said', 'The register says so.');
    }

    public function end(Request $request, Work $work, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $work);
        $request->validate(['because' => ['nullable', 'string', 'max:300']]);
        EndWork::of($work, $request->filled('because') ? $request->string('because')->toString() : null, $user);

        return redirect("/systems/{$work->system_id}/works")->with('said', "{$work->name} has ended.");
    }
}
