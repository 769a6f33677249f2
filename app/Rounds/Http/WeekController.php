<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\House\Days;
use App\Rounds\BoardChange;
use App\Rounds\BoardLog;
use App\Rounds\BoardMove;
use App\Rounds\Crew;
use App\Rounds\Planning;
use App\Rounds\ProposeWeek;
use App\Rounds\Views\AnnounceView;
use App\Rounds\Views\BoardView;
use App\Rounds\Views\ConsequenceView;
use App\Rounds\Views\TellView;
use App\Rounds\Views\UnseatedListView;
use App\Rounds\Views\WeekRunView;
use App\Rounds\Visit;
use App\Rounds\WeekReader;
use App\Rounds\WeekRun;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** The board: a week of crews' days, proposals, moves with their consequences. */
final class WeekController
{
    private const CREWS_A_PAGE = 8;

    public function __construct(private readonly Planning $planning)
    {
    }

    public function show(Request $request, #[CurrentUser] User $user): Response
    {
        Gate::authorize('viewAny', Visit::class);
        $monday = $this->monday($request);
        $page = max(1, $request->integer('page', 1));
        $all = Crew::query()
            ->where('from_on', '<=', $monday->addDays(WeekReader::DAYS - 1)->toDateString())
            ->where(fn ($q) => $q->whereNull('until_on')->orWhere('until_on', '>=', $monday->toDateString()))
            ->orderBy('name')
            ->pluck('id');
        $ids = array_values(
            $all->forPage($page, self::CREWS_A_PAGE)->map(fn (mixed $id): int => is_numeric($id) ? (int) $id : 0)->all(),
        );

        return Inertia::render('rounds/Week', [
            'board' => BoardView::of(WeekReader::read($monday, $ids), $user),
            'monday' => $monday->toDateString(),
            'page' => $page,
            'pages' => max(1, (int) ceil($all->count() / self::CREWS_A_PAGE)),
            'mayPlan' => $user->can('plan', Visit::class),
            'today' => Days::today()->toDateString(),
            'run' => fn (): ?WeekRunView => WeekRunView::latest(),
            'undo' => ($newest = $user->can('plan', Visit::class) ? BoardLog::newest() : null) === null
                    ? null
                    : $this->change($newest),
            'unseated' => Inertia::defer(fn (): UnseatedListView => UnseatedListView::until($monday->addDays(WeekReader::DAYS - 1))),
            'announce' => Inertia::defer(fn (): array => $user->can('plan', Visit::class) ? AnnounceView::coming() : []),
            'tell' => $user->can('plan', Visit::class)
                ? BoardLog::toTell()->map(fn (BoardMove $m): TellView => TellView::of($m))
                : [],
        ]);
    }

    /** What is due by the week's end becomes visits, and every open visit a place: worked out beside the page. */
    public function propose(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', Visit::class);
        $monday = $this->monday($request);
        if ($monday->addDays(WeekReader::DAYS)->lessThanOrEqualTo(Days::today())) {
            throw ValidationException::withMessages(['week' => 'That week is over.']);
        }
        $open = WeekRun::open();
        if ($open !== null) {
            return back()->with(
                'said',
                "{$open->user?->name} has a week being worked out already; wait for it, or stop it.",
            );
        }
        $run = WeekRun::query()->create(['monday' => $monday->toDateString(), 'user_id' => $user->id]);
        ProposeWeek::dispatch($run->id);
        $said = $run->refresh()->said;

        return $said === null ? back() : back()->with('said', implode(' ', $said));
    }

    /** Ends a proposal that is still being worked out; nothing of it is kept. */
    public function stop(WeekRun $run): RedirectResponse
    {
        Gate::authorize('plan', Visit::class);
        WeekRun::query()
            ->whereKey($run->id)
            ->whereIn('state', [WeekRun::WAITING, WeekRun::RUNNING])
            ->update([
                'state' => WeekRun::CANCELLED,
                'said' => json_encode(['Stopped: the board stands as it stood.']),
                'ended_at' => now(),
            ]);

        return back();
    }

    /** Visits of crews that are away get the place that costs least; nothing else moves. */
    public function rescue(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', Visit::class);
        [$moved, $left] = $this->planning->rescueNow($this->monday($request), $user);
        $rest = $left === 0 ? '' : " {$left} found no place: each says why.";

        return back()->with(
            'said',
            $moved + $left === 0
                ? 'Nobody is missing: every visit has its crew.'
                : "{$moved} stand elsewhere now, and nothing else moved.{$rest}",
        );
    }

    /** The newest change is taken back: a proposal, a move, somebody ill. */
    public function undo(): RedirectResponse
    {
        Gate::authorize('plan', Visit::class);
        $change = BoardLog::newest();
        if ($change === null) {
            return back()->with('said', 'There is nothing to take back.');
        }
        [$back, $left] = BoardLog::undo($change);
        $stays = $left === 0 ? '' : " {$left} moved on since, and stay.";

        return back()->with('said', "Taken back: {$this->change($change)}. {$back} stand where they stood.{$stays}");
    }

    /** The client knows. */
    public function told(BoardMove $move, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', Visit::class);
        BoardLog::told($move, $user);

        return back();
    }

    /** The proposal is the plan: nothing is marked any more. */
    public function accept(Request $request): RedirectResponse
    {
        Gate::authorize('plan', Visit::class);
        $monday = $this->monday($request);
        Visit::query()
            ->whereBetween('planned_on', [
                $monday->toDateString(),
                $monday->addDays(WeekReader::DAYS - 1)->toDateString(),
            ])
            ->whereNotNull('moved_from')
            ->each(fn (Visit $v) => $v->update(['moved_from' => null]));

        return back()->with('said', 'Accepted. Phones and calendars follow.');
    }

    public function consequence(Request $request, Visit $visit, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('plan', Visit::class);
        [$reader, $crew, $on, $position] = $this->target($request, $visit);
        $consequence = $this->planning->consequence($reader, $visit, $crew, $on, $position);

        return response()->json(
            $consequence === null
                ? ['may' => false, 'sentences' => ['That crew does not work that day.'], 'priceMin' => 0]
                : ConsequenceView::of($consequence, $user->units()),
        );
    }

    public function move(Request $request, Visit $visit, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', Visit::class);
        [$reader, $crew, $on, $position] = $this->target($request, $visit);
        $consequence = $this->planning->consequence($reader, $visit, $crew, $on, $position);
        if ($consequence === null || $consequence->refusal !== null) {
            throw ValidationException::withMessages([
                'move' => $consequence === null
                        ? 'That crew does not work that day.'
                        : "It cannot stand there: {$consequence->refusal->words()}.",
            ]);
        }
        if (in_array($visit->state, [Visit::UNDERWAY, Visit::CLOSED], true)) {
            throw ValidationException::withMessages(['move' => 'This visit has begun.']);
        }
        $this->planning->move($reader, $visit, $crew, $on, $position, $user);

        return back()->with('said', 'Moved, and promised: a proposal leaves it there until you release it.');
    }

    public function takeOff(Visit $visit, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', Visit::class);
        if ($visit->state !== Visit::PLANNED || $visit->planned_on === null) {
            throw ValidationException::withMessages(['move' => 'Only a planned visit can be taken off.']);
        }
        $this->planning->takeOff(WeekReader::read(Days::monday($visit->planned_on->toDateString())), $visit, $user);

        return back()->with('said', 'Off the board; it waits among the unplanned.');
    }

    /** Day, crew and hour stay. */
    public function pin(Request $request, Visit $visit): RedirectResponse
    {
        Gate::authorize('plan', Visit::class);
        if ($visit->planned_on === null) {
            throw ValidationException::withMessages(['move' => 'Give it a day first; then it can be pinned.']);
        }
        $visit->update(['pinned' => $request->boolean('pinned')]);

        return back();
    }

    /** A promise of a day is released: the next proposal may move it. */
    public function release(Visit $visit): RedirectResponse
    {
        Gate::authorize('plan', Visit::class);
        $visit->update(['promised_at' => null, 'promised_by' => null, 'pinned' => false]);

        return back()->with('said', 'Released: the next proposal may move it.');
    }

    private function change(BoardChange $change): string
    {
        $by = $change->user === null ? '' : " by {$change->user->name}";

        return match ($change->kind) {
            BoardChange::PROPOSAL => "the proposal{$by}",
            BoardChange::SICK => "the changes{$by} because {$change->words}",
            default => "{$change->words}{$by}",
        };
    }

    /** @return array{0: WeekReader, 1: Crew, 2: CarbonImmutable, 3: int|null} */
    private function target(Request $request, Visit $visit): array
    {
        $given = $request->validate([
            'crew_id' => ['required', 'integer', Rule::exists('crews', 'id')],
            'on' => ['required', 'date'],
            'position' => ['nullable', 'integer', 'min:0', 'max:60'],
        ]);
        $on = CarbonImmutable::parse($given['on'], Days::zone())->startOfDay();
        if ($on->lessThan(Days::today())) {
            throw ValidationException::withMessages(['move' => 'That day is over.']);
        }
        $crew = Crew::query()->whereKey($given['crew_id'])->firstOrFail();
        $ids = array_values(array_unique(array_filter([$crew->id, $visit->crew_id])));

        return [
            WeekReader::read(Days::monday($on->toDateString()), $ids),
            $crew,
            $on,
            isset($given['position']) ? (int) $given['position'] : null,
        ];
    }

    /** Of the week asked for; else of this one, and on a Saturday or Sunday of the one to come: the last is over. */
    private function monday(Request $request): CarbonImmutable
    {
        $given = $request->validate(['week' => ['nullable', 'date']]);
        if (isset($given['week'])) {
            return Days::monday((string) $given['week']);
        }

        return Days::today()->isWeekend() ? Days::monday()->addWeek() : Days::monday();
    }
}
