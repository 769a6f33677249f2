<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Team\User;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Rounds\Consequence;
use Velbrin\Core\Rounds\Insertion;
use Velbrin\Core\Rounds\Route;
use Velbrin\Core\Rounds\Solver;
use Velbrin\Core\Rounds\Unplanned;
use Velbrin\Core\Rounds\Visit as CoreVisit;
use Velbrin\Core\Rounds\Week;

/**
 * Writes the core's proposals and moves into the records, each with a way back. What has begun, is over, pinned or promised stays
 * (S-53).
 */
final class Planning
{
    /** Whoever plans waits for the other planner no longer than this. */
    private const WAIT_S = 600;

    public function __construct(private readonly Solver $solver = new Insertion())
    {
    }

    /**
     * Makes visits of what is due, and gives every visit without a place one.
     *
     * @param  (Closure(float): void)|null  $pace
     */
    public function propose(CarbonImmutable $monday, ?User $by = null, ?Closure $pace = null): Proposal
    {
        // Two proposals at once would place the same visits twice: the second waits for the first.
        return Exclusive::run('week', self::WAIT_S, function () use ($monday, $by, $pace): Proposal {
            $made = VisitMaker::until($monday->addDays(WeekReader::DAYS - 1));
            $reader = WeekReader::read($monday);
            $open = [];
            $stay = [];
            foreach ($reader->visits as $id => $visit) {
                if ($visit->state === Visit::OPEN || isset($reader->stranded[$id])) {
                    $open[] = $visit->core;
                } elseif ($visit->stays()) {
                    $stay[] = $id;
                }
            }
            $plan = $this->solver->plan($reader->week, $open, $stay, $pace);

            return DB::transaction(function () use ($reader, $plan, $made, $open, $by): Proposal {
                [$before, $after] = $this->write($reader, $plan->week, marks: true);
                foreach ($plan->unplanned as $left) {
                    $this->leave($left, $reader);
                }
                $moved = $this->moved($reader, $before, $after);
                $proposal = new Proposal(
                    $made->visits,
                    $made->rode,
                    count($open) - count($plan->unplanned),
                    count($plan->unplanned),
                    $moved,
                    array_map(
                        fn (int $id, string $why): string => "{$reader->visits[$id]?->place} ({$why})",
                        array_keys($reader->stranded),
                        $reader->stranded,
                    ),
                    (int) round(self::driving($plan->week) - self::driving($reader->week)),
                );
                BoardLog::keep(BoardChange::PROPOSAL, implode(' ', $proposal->words()), $by, $before);

                return $proposal;
            });
        });
    }

    /** What moving a visit would do; null when that crew does not work that day. */
    public function consequence(
        WeekReader $reader,
        Visit $visit,
        Crew $crew,
        CarbonImmutable $on,
        ?int $position,
    ): ?Consequence {
        $key = $crew->id.'@'.Days::number($on);

        return isset($reader->week->routes[$key])
            ? Consequence::ofMove($reader->week, $reader->core($visit), $key, $position)
            : null;
    }

    /** A move by hand is a promise of that day and crew until somebody releases it. */
    public function move(
        WeekReader $reader,
        Visit $visit,
        Crew $crew,
        CarbonImmutable $on,
        ?int $position,
        User $by,
    ): void {
        $key = $crew->id.'@'.Days::number($on);
        $from = $reader->week->where($visit->id);
        $bare =
            $from === null
                ? $reader->week
                : $reader->week->withRoute($reader->week->routes[$from]->without($visit->id, $reader->week->prices));
        DB::transaction(function () use ($reader, $visit, $bare, $key, $position, $by): void {
            $own = [$visit->id => BoardMove::state($visit)];
            [$before] = $this->write(
                $reader,
                Consequence::put($bare, $reader->core($visit), $key, $position),
                marks: false,
            );
            $visit->refresh()->update(['promised_at' => now(), 'promised_by' => $by->id]);
            BoardLog::keep(BoardChange::MOVE, "{$visit->site?->name} moved", $by, $own + $before);
        });
    }

    /** Off the board again, to be planned anew. */
    public function takeOff(WeekReader $reader, Visit $visit, User $by): void
    {
        $key = $reader->week->where($visit->id);
        DB::transaction(function () use ($reader, $visit, $key, $by): void {
            $before = [$visit->id => BoardMove::state($visit)];
            $visit->update([
                'state' => Visit::OPEN,
                'crew_id' => null,
                'planned_on' => null,
                'starts_at' => null,
                'pinned' => false,
                'promised_at' => null,
                'promised_by' => null,
                'why_unplanned' => 'taken off the board',
                'moved_from' => null,
            ]);
            if ($key !== null) {
                [$others] = $this->write(
                    $reader,
                    $reader->week->withRoute($reader->week->routes[$key]->without($visit->id, $reader->week->prices)),
                    marks: false,
                );
                $before += $others;
            }
            Bookings::follow([$visit->id]);
            BoardLog::keep(BoardChange::OFF, "{$visit->site?->name} taken off", $by, $before);
        });
    }

    /**
     * Those whom nobody will come to get the place that costs least, and nothing else moves (S-22).
     *
     * @param  list<int>  $more  visits of an earlier week that found no place in it
     * @return array{0: Week, 1: list<Unplanned>}
     */
    public function rescue(WeekReader $reader, array $more = []): array
    {
        $open = array_values(
            Visit::query()
                ->whereIntegerInRaw('id', $more)
                ->orderBy('id')
                ->get()
                ->map(fn (Visit $v): CoreVisit => $reader->core($v))
                ->all(),
        );
        $stay = [];
        foreach ($reader->visits as $id => $visit) {
            if (isset($reader->stranded[$id])) {
                $open[] = $visit->core;
            } else {
                $stay[] = $id;
            }
        }
        $plan = (new Insertion(passes: 0))->plan($reader->week, $open, $stay);

        return [$plan->week, $plan->unplanned];
    }

    /** @return array{0: int, 1: int} visits that have another place now, and those without one */
    public function rescueNow(CarbonImmutable $monday, User $by): array
    {
        return Exclusive::run(
            'week',
            self::WAIT_S,
            fn (): array => DB::transaction(function () use ($monday, $by): array {
                $reader = WeekReader::read($monday);
                if ($reader->stranded === []) {
                    return [0, 0];
                }
                [$week, $unplanned] = $this->rescue($reader);
                [$before] = $this->write($reader, $week, marks: true);
                $left = 0;
                foreach ($unplanned as $one) {
                    $this->leave($one, $reader);
                    $left++;
                }
                BoardLog::keep(BoardChange::SICK, 'somebody is away', $by, $before);

                return [count(array_intersect_key($before, $reader->stranded)), $left];
            }),
        );
    }

    /**
     * Writes what a week holds now. What has begun or is over is never written.
     *
     * @return array{0: array<int, array<string, mixed>>, 1: array<int, Visit>} what each changed visit was, and is
     */
    public function write(WeekReader $reader, Week $week, bool $marks): array
    {
        $changed = array_filter(
            $week->routes,
            fn (Route $route, string $key): bool => ! isset($reader->week->routes[$key]) ||
                ! $this->same($reader->week->routes[$key], $route),
            ARRAY_FILTER_USE_BOTH,
        );
        $touched = array_merge(
            ...array_values(
                array_map(
                    fn (Route $route): array => array_map(fn (CoreVisit $v): int => $v->id, $route->visits),
                    $changed,
                ),
            ),
        );
        $records = Visit::query()->whereIntegerInRaw('id', $touched)->lockForUpdate()->get()->keyBy('id');
        $before = $after = [];
        foreach ($changed as $route) {
            $on = Days::date($route->crewDay->day)->toDateString();
            foreach ($route->visits as $position => $visit) {
                $record =
                    $records->get($visit->id) ??
                    throw (new ModelNotFoundException())->setModel(Visit::class, [$visit->id]);
                if ($visit->isFact || ! in_array($record->state, [Visit::OPEN, Visit::PLANNED], true)) {
                    continue;
                }
                $was = BoardMove::state($record);
                $elsewhere = $record->crew_id !== $route->crewDay->crew || $record->planned_on?->toDateString() !== $on;
                $record->update([
                    'crew_id' => $route->crewDay->crew,
                    'planned_on' => $on,
                    'position' => $position,
                    'starts_at' => Days::moment($on, $route->startsMin[$position]),
                    'why_unplanned' => null,
                    'state' => Visit::PLANNED,
                    'moved_from' => $marks && $elsewhere
                            ? ['crew_id' => $was['crew_id'], 'planned_on' => $was['planned_on']]
                            : ($marks
                                ? $record->moved_from
                                : null),
                ]);
                if ($was !== BoardMove::state($record)) {
                    $before[$record->id] = $was;
                    $after[$record->id] = $record;
                }
            }
        }
        Bookings::follow($touched);

        return [$before, $after];
    }

    /**
     * Visits that had a day and have another one now, or another crew.
     *
     * @param  array<int, array<string, mixed>>  $before
     * @param  array<int, Visit>  $after
     * @return list<string>
     */
    private function moved(WeekReader $reader, array $before, array $after): array
    {
        $words = [];
        foreach ($after as $id => $visit) {
            $was = $before[$id];
            $elsewhere =
                $was['crew_id'] !== $visit->crew_id || $was['planned_on'] !== $visit->planned_on?->toDateString();
            if ($was['state'] === Visit::PLANNED && $elsewhere && ! isset($reader->stranded[$id])) {
                $words[] =
                    "{$reader->visits[$id]?->place}, ".
                    BoardLog::between($was, BoardMove::state($visit), $reader->crews);
            }
        }

        return $words;
    }

    private function same(Route $a, Route $b): bool
    {
        return $a->startsMin === $b->startsMin &&
            array_map(fn (CoreVisit $v): int => $v->id, $a->visits) ===
                array_map(fn (CoreVisit $v): int => $v->id, $b->visits);
    }

    private function leave(Unplanned $left, WeekReader $reader): void
    {
        $nearest = $left->nearest === null ? '' : Days::date($left->nearest->day)->format(' (D j M)');
        $stranded = isset($reader->stranded[$left->visit->id]) ? "{$reader->stranded[$left->visit->id]}; " : '';
        Visit::query()
            ->whereKey($left->visit->id)
            ->update(['why_unplanned' => mb_substr($stranded.$left->refusal->words().$nearest, 0, 200)]);
    }

    private static function driving(Week $week): float
    {
        return array_sum(array_map(fn (Route $r): float => $r->drivingMin, $week->routes));
    }
}
