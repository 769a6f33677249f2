<?php

declare(strict_types=1);

namespace App\Rounds;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Rounds\Consequence;
use Velbrin\Core\Rounds\Insertion;
use Velbrin\Core\Rounds\Route;
use Velbrin\Core\Rounds\Solver;
use Velbrin\Core\Rounds\Unplanned;
use Velbrin\Core\Rounds\Visit as CoreVisit;
use Velbrin\Core\Rounds\Week;

/** Writes the core's proposals and moves into the records, each with a way back. */
final class Planning
{
    public function __construct(private readonly Solver $solver = new Insertion)
    {
    }

    /**
     * Places every open visit of the week; pinned ones, and those under way or closed, stay.
     *
     * @return array{0: int, 1: int} placed, left over
     */
    public function propose(CarbonImmutable $monday): array
    {
        $reader = WeekReader::read($monday);
        $first = Days::number($monday);
        $today = max($first, Days::number(Days::today()));
        $fixed = $reader->visits->filter(fn (WeekVisit $v): bool => $v->pinned || in_array($v->state, [Visit::UNDERWAY, Visit::CLOSED], true))->keys()->all();
        $open = array_values($reader->visits->where('state', Visit::OPEN)->map(fn (WeekVisit $v): CoreVisit => self::notBefore($v->core, $today))->all());
        $plan = $this->solver->plan($reader->week, $open, array_values($fixed));
        DB::transaction(function () use ($reader, $plan): void {
            $this->write($reader, $plan->week, remember: true);
            foreach ($plan->unplanned as $left) {
                $this->leave($left);
            }
        });

        return [count($open) - count($plan->unplanned), count($plan->unplanned)];
    }

    /** What moving a visit would do. */
    public function consequence(WeekReader $reader, Visit $visit, Crew $crew, CarbonImmutable $on, ?int $position): ?Consequence
    {
        $key = $crew->id.'@'.Days::number($on);

        return isset($reader->week->routes[$key]) ? Consequence::ofMove($reader->week, $reader->core($visit), $key, $position) : null;
    }

    public function move(WeekReader $reader, Visit $visit, Crew $crew, CarbonImmutable $on, ?int $position): void
    {
        $key = $crew->id.'@'.Days::number($on);
        $from = $reader->week->where($visit->id);
        $bare = $from === null ? $reader->week : $reader->week->withRoute($reader->week->routes[$from]->without($visit->id, $reader->week->prices));
        DB::transaction(fn () => $this->write($reader, Consequence::put($bare, $reader->core($visit), $key, $position), remember: false));
    }

    /** Off the board again, to be planned anew. */
    public function takeOff(WeekReader $reader, Visit $visit): void
    {
        $key = $reader->week->where($visit->id);
        DB::transaction(function () use ($reader, $visit, $key): void {
            $visit->update(['state' => Visit::OPEN, 'crew_id' => null, 'planned_on' => null, 'starts_at' => null, 'pinned' => false, 'why_unplanned' => 'taken off the board', 'moved_from' => null]);
            if ($key !== null) {
                $this->write($reader, $reader->week->withRoute($reader->week->routes[$key]->without($visit->id, $reader->week->prices)), remember: false);
            }
            Bookings::follow([$visit->id]);
        });
    }

    /** Back to how it stood before the last proposal. */
    public function undo(CarbonImmutable $monday): int
    {
        $moved = Visit::query()->whereNotNull('moved_from')->whereIn('state', [Visit::PLANNED, Visit::OPEN])->whereBetween('planned_on', [$monday->toDateString(), $monday->addDays(WeekReader::DAYS - 1)->toDateString()])->get();
        DB::transaction(function () use ($moved): void {
            foreach ($moved as $visit) {
                $was = $visit->moved_from ?? [];
                $visit->update([...array_intersect_key($was, array_flip(['crew_id', 'planned_on', 'position', 'starts_at', 'state'])), 'moved_from' => null]);
            }
            Bookings::follow(array_values($moved->map(fn (Visit $v): int => $v->id)->all()));
        });

        return $moved->count();
    }

    private function write(WeekReader $reader, Week $week, bool $remember): void
    {
        $changed = array_filter($week->routes, fn (Route $route, string $key): bool => ! isset($reader->week->routes[$key]) || ! $this->same($reader->week->routes[$key], $route), ARRAY_FILTER_USE_BOTH);
        $touched = array_merge(...array_values(array_map(fn (Route $route): array => array_map(fn (CoreVisit $v): int => $v->id, $route->visits), $changed)));
        $records = Visit::query()->whereIntegerInRaw('id', $touched)->get()->keyBy('id');
        foreach ($changed as $route) {
            $on = Days::date($route->crewDay->day)->toDateString();
            foreach ($route->visits as $position => $visit) {
                $record = $records->get($visit->id) ?? throw (new ModelNotFoundException)->setModel(Visit::class, [$visit->id]);
                $placed = ['crew_id' => $route->crewDay->crew, 'planned_on' => $on, 'position' => $position, 'starts_at' => Days::moment($on, $route->startsMin[$position]), 'why_unplanned' => null];
                $elsewhere = $record->crew_id !== $route->crewDay->crew || $record->planned_on?->toDateString() !== $on;
                $record->update([
                    ...$placed, 'state' => $record->state === Visit::OPEN ? Visit::PLANNED : $record->state,
                    'moved_from' => $remember && $elsewhere ? ['crew_id' => $record->crew_id, 'planned_on' => $record->planned_on?->toDateString(), 'position' => $record->position, 'starts_at' => $record->starts_at?->toDateTimeString(), 'state' => $record->state] : ($remember ? $record->moved_from : null),
                ]);
            }
        }
        Bookings::follow($touched);
    }

    private function same(Route $a, Route $b): bool
    {
        return $a->startsMin === $b->startsMin && array_map(fn (CoreVisit $v): int => $v->id, $a->visits) === array_map(fn (CoreVisit $v): int => $v->id, $b->visits);
    }

    private function leave(Unplanned $left): void
    {
        $nearest = $left->nearest === null ? '' : Days::date($left->nearest->day)->format(' (D j M)');
        Visit::query()->whereKey($left->visit->id)->update(['why_unplanned' => mb_substr($left->refusal->words().$nearest, 0, 200)]);
    }

    /** Nothing is planned into days that are over. */
    private static function notBefore(CoreVisit $visit, int $day): CoreVisit
    {
        return new CoreVisit(
            $visit->id, $visit->spot, $visit->open, max($visit->earliestDay, $day), $visit->dueDay, max($visit->latestDay, $day), $visit->minutes, $visit->persons, $visit->skills, $visit->saltL, $visit->roL, $visit->kg, $visit->familiar, $visit->isolated,
        );
    }
}
