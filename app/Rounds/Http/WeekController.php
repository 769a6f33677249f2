<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\Rounds\Crew;
use App\Rounds\Days;
use App\Rounds\Planning;
use App\Rounds\Views\BoardView;
use App\Rounds\Views\ConsequenceView;
use App\Rounds\Visit;
use App\Rounds\VisitMaker;
use App\Rounds\WeekReader;
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
        $all = Crew::query()->where('from_on', '<=', $monday->addDays(6)->toDateString())->where(fn ($q) => $q->whereNull('until_on')->orWhere('until_on', '>=', $monday->toDateString()))->orderBy('name')->pluck('id');
        $ids = array_values($all->forPage($page, self::CREWS_A_PAGE)->map(fn (mixed $id): int => is_numeric($id) ? (int) $id : 0)->all());

        return Inertia::render('rounds/Week', [
            'board' => BoardView::of(WeekReader::read($monday, $ids), $user),
            'monday' => $monday->toDateString(),
            'page' => $page,
            'pages' => max(1, (int) ceil($all->count() / self::CREWS_A_PAGE)),
            'mayPlan' => $user->can('plan', Visit::class),
            'today' => Days::today()->toDateString(),
        ]);
    }

    /** What is due by the week's end becomes visits, and every open visit a place. */
    public function propose(Request $request): RedirectResponse
    {
        Gate::authorize('plan', Visit::class);
        $monday = $this->monday($request);
        if ($monday->addDays(WeekReader::DAYS)->lessThanOrEqualTo(Days::today())) {
            throw ValidationException::withMessages(['week' => 'That week is over.']);
        }
        $made = VisitMaker::until($monday->addDays(WeekReader::DAYS - 1));
        [$placed, $left] = $this->planning->propose($monday);

        return back()->with('said', "{$made} visits came due, {$placed} found a place".($left === 0 ? '.' : ", {$left} did not: each says why."));
    }

    public function undo(Request $request): RedirectResponse
    {
        Gate::authorize('plan', Visit::class);

        return back()->with('said', $this->planning->undo($this->monday($request)).' visits stand where they stood.');
    }

    /** The proposal is the plan: nothing is marked any more. */
    public function accept(Request $request): RedirectResponse
    {
        Gate::authorize('plan', Visit::class);
        $monday = $this->monday($request);
        Visit::query()->whereBetween('planned_on', [$monday->toDateString(), $monday->addDays(WeekReader::DAYS - 1)->toDateString()])->whereNotNull('moved_from')->each(fn (Visit $v) => $v->update(['moved_from' => null]));

        return back()->with('said', 'Accepted. Phones and calendars follow.');
    }

    public function consequence(Request $request, Visit $visit, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('plan', Visit::class);
        [$reader, $crew, $on, $position] = $this->target($request, $visit);
        $consequence = $this->planning->consequence($reader, $visit, $crew, $on, $position);

        return response()->json($consequence === null ? ['may' => false, 'sentences' => ['That crew does not work that day.'], 'priceMin' => 0] : ConsequenceView::of($consequence, $user->units()));
    }

    public function move(Request $request, Visit $visit): RedirectResponse
    {
        Gate::authorize('plan', Visit::class);
        [$reader, $crew, $on, $position] = $this->target($request, $visit);
        $consequence = $this->planning->consequence($reader, $visit, $crew, $on, $position);
        if ($consequence === null || $consequence->refusal !== null) {
            throw ValidationException::withMessages(['move' => $consequence === null ? 'That crew does not work that day.' : "It cannot stand there: {$consequence->refusal->words()}."]);
        }
        if (in_array($visit->state, [Visit::UNDERWAY, Visit::CLOSED], true)) {
            throw ValidationException::withMessages(['move' => 'This visit has begun.']);
        }
        $this->planning->move($reader, $visit, $crew, $on, $position);

        return back()->with('said', 'Moved.');
    }

    public function takeOff(Visit $visit): RedirectResponse
    {
        Gate::authorize('plan', Visit::class);
        if ($visit->state !== Visit::PLANNED || $visit->planned_on === null) {
            throw ValidationException::withMessages(['move' => 'Only a planned visit can be taken off.']);
        }
        $this->planning->takeOff(WeekReader::read(Days::monday($visit->planned_on->toDateString())), $visit);

        return back()->with('said', 'Off the board; it waits among the unplanned.');
    }

    public function pin(Request $request, Visit $visit): RedirectResponse
    {
        Gate::authorize('plan', Visit::class);
        $visit->update(['pinned' => $request->boolean('pinned')]);

        return back();
    }

    /** @return array{0: WeekReader, 1: Crew, 2: CarbonImmutable, 3: int|null} */
    private function target(Request $request, Visit $visit): array
    {
        $given = $request->validate(['crew_id' => ['required', 'integer', Rule::exists('crews', 'id')], 'on' => ['required', 'date'], 'position' => ['nullable', 'integer', 'min:0', 'max:60']]);
        $on = CarbonImmutable::parse($given['on'], Days::zone())->startOfDay();
        if ($on->lessThan(Days::today())) {
            throw ValidationException::withMessages(['move' => 'That day is over.']);
        }
        $crew = Crew::query()->whereKey($given['crew_id'])->firstOrFail();
        $ids = array_values(array_unique(array_filter([$crew->id, $visit->crew_id])));

        return [WeekReader::read(Days::monday($on->toDateString()), $ids), $crew, $on, isset($given['position']) ? (int) $given['position'] : null];
    }

    private function monday(Request $request): CarbonImmutable
    {
        $given = $request->validate(['week' => ['nullable', 'date']]);

        return Days::monday(isset($given['week']) ? (string) $given['week'] : null);
    }
}
