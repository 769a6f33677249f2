<?php

declare(strict_types=1);

namespace App\Moves\Http;

use App\Clients\Site;
use App\Moves\CloseMove;
use App\Moves\JobsBeforeMove;
use App\Moves\KeepMove;
use App\Moves\Move;
use App\Moves\MoveDesk;
use App\Moves\MoveList;
use App\Moves\MovePapers;
use App\Moves\MovePhotos;
use App\Moves\MoveStart;
use App\Moves\TakeEvents;
use App\Rounds\Entries\PhoneLot;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Moves\Brief\MoveKind;

/** Moves, swaps, conversions and removals: what is planned, the course of the day, and what is said on it. */
final class MoveController
{
    public function index(#[CurrentUser] User $user, MoveList $list): Response
    {
        Gate::authorize('viewAny', Move::class);

        return Inertia::render('moves/Moves', [
            'moves' => $list->lines(),
            'works' => $list->works($user),
            'sites' => $user->plans() ? $list->sites() : [],
            'systems' => $user->plans()
                ? System::query()->current()->orderBy('name')->get(['id', 'name', 'site_id'])->map(
                    fn (System $s): array => ['id' => $s->id, 'name' => $s->name, 'siteId' => $s->site_id],
                )
                : [],
            'kinds' => collect(MoveKind::cases())->mapWithKeys(fn (MoveKind $k): array => [$k->value => $k->label()])->all(),
        ]);
    }

    public function store(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('create', Move::class);
        $site = Rule::exists('sites', 'id')->whereNull('archived_at');
        $given = $request->validate([
            'name' => ['required', 'string', 'max:120'],
            'kind' => ['required', Rule::enum(MoveKind::class)],
            'from_site_id' => ['required', 'integer', $site],
            'to_site_id' => ['nullable', 'integer', $site],
            'system_id' => ['nullable', 'integer', Rule::exists('systems', 'id')->where('site_id', $request->integer('from_site_id'))],
            'on' => ['nullable', 'date_format:Y-m-d', 'after:2020-01-01', 'before:2100-01-01'],
        ]);
        $move = MoveStart::of(
            name: $request->string('name')->toString(),
            kind: MoveKind::from($request->string('kind')->toString()),
            from: Site::query()->findOrFail($request->integer('from_site_id')),
            to: isset($given['to_site_id']) ? Site::query()->findOrFail($request->integer('to_site_id')) : null,
            system: isset($given['system_id']) ? System::query()->findOrFail($request->integer('system_id')) : null,
            on: isset($given['on']) ? CarbonImmutable::parse($request->string('on')->toString()) : null,
            user: $user,
        );

        return redirect("/moves/{$move->id}/plan")->with('said', 'What the record knows stands here. Now the holding first.');
    }

    public function show(Move $move, #[CurrentUser] User $user, MoveDesk $desk): Response
    {
        return $this->page('moves/Course', $move, $user, $desk);
    }

    public function plan(Move $move, #[CurrentUser] User $user, MoveDesk $desk): Response
    {
        return $this->page('moves/Plan', $move, $user, $desk);
    }

    /** On a phone, on the day. */
    public function go(Move $move, #[CurrentUser] User $user, MoveDesk $desk): Response
    {
        return $this->page('moves/Go', $move, $user, $desk);
    }

    /** Every change while it is typed: kept at once, worked out at once. */
    public function update(MoveBriefRequest $request, Move $move, #[CurrentUser] User $user, MoveDesk $desk): Response
    {
        $kept = KeepMove::of($move, $request->document(), $request->integer('revision'));

        return Inertia::render('moves/Plan', $desk->props($move->refresh()->load(['from', 'to', 'system', 'holding']), $user, ! $kept));
    }

    /** Name, day, places: what the document does not hold. */
    public function head(Request $request, Move $move): RedirectResponse
    {
        Gate::authorize('update', $move);
        $move->update($request->validate([
            'name' => ['required', 'string', 'max:120'],
            'on' => ['nullable', 'date_format:Y-m-d', 'after:2020-01-01', 'before:2100-01-01'],
            'to_site_id' => ['nullable', 'integer', Rule::exists('sites', 'id')->whereNull('archived_at')],
        ]));
        JobsBeforeMove::book($move);

        return back()->with('said', 'Kept.');
    }

    /** Labels for the boxes, and what is taken along. */
    public function papers(Move $move, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $move);

        return Inertia::render('moves/Papers', MovePapers::of($move->load(['from', 'to', 'system', 'holding']), $user));
    }

    /** What phones say, in lots: each entry once, judged by itself. */
    public function entries(Request $request, Move $move, #[CurrentUser] User $user, TakeEvents $take): JsonResponse
    {
        Gate::authorize('record', $move);

        return PhoneLot::of($request)->answered(
            fn (mixed $entry, int $skewS): array => $take->take($move, $user, $entry, $skewS),
            fn (): bool => $move->refresh()->closed_at !== null,
        );
    }

    /** Of a piece that was looked over, or of where the corals stand. */
    public function photo(Request $request, Move $move, #[CurrentUser] User $user): JsonResponse|RedirectResponse
    {
        Gate::authorize('record', $move);
        MovePhotos::take($move, $request, $user);

        return $request->expectsJson() ? response()->json(['outcome' => 'ok']) : back()->with('said', 'The photo is kept.');
    }

    /** The last animal is home, the old place is left: signed off. */
    public function close(CloseMoveRequest $request, Move $move, #[CurrentUser] User $user): RedirectResponse
    {
        CloseMove::of($move, $request->given(), $user);

        return redirect('/moves')->with('said', "{$move->name} is closed; what is owed afterwards is booked.");
    }

    public function archive(Move $move): RedirectResponse
    {
        Gate::authorize('archive', $move);
        $move->archive();
        JobsBeforeMove::book($move);

        return redirect('/moves')->with('said', "{$move->name} is archived.");
    }

    private function page(string $page, Move $move, User $user, MoveDesk $desk): Response
    {
        Gate::authorize('view', $move);

        return Inertia::render($page, $desk->props($move->load(['from', 'to', 'system', 'holding']), $user));
    }
}
