<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

use Closure;

/**
 * Cheapest consequence (S-21): the visit that would lose most by waiting is placed first, where it costs least; then visits move to
 * where they cost less, and an unplaced one may push another to a free place. Same input, same result.
 */
final class Insertion implements Solver
{
    /** The share of all the work that the first placing is. */
    public const INSERTING = 0.7;

    /** Above this many visits, only relocation is tried: pairs would cost more than they bring. */
    private const SWAP_UP_TO = 60;

    public function __construct(private readonly int $passes = 4)
    {
    }

    public function plan(Week $week, array $visits, array $pinned = [], ?Closure $pace = null): WeekPlan
    {
        $told = new Pace($pace);
        $at = new Standing($week, $visits);
        $placing = new Placing($at, $told, count($visits));
        $moves = new Moves($at, $told, array_fill_keys(array_diff(array_keys($at->visits), $pinned), true));
        $open = $placing->insertAll(array_map(fn (Visit $v): int => $v->id, $visits), self::INSERTING);
        for ($pass = 0; $pass < $this->passes; $pass++) {
            $before = count($open);
            $told->tell(self::INSERTING + ((1 - self::INSERTING) * $pass) / $this->passes);
            $open = $moves->push($open);
            $moved = $moves->relocate();
            $moved = (count($at->where) <= self::SWAP_UP_TO && $moves->swap()) || $moved;
            if (! $moved && count($open) === $before) {
                break;
            }
            $open = $placing->insertAll($open);
        }

        return new WeekPlan(
            $week->withRoute(...array_values($at->routes)),
            array_map(fn (int $id): Unplanned => self::why($at->visits[$id], $at->routes, $week->prices), $open),
        );
    }

    /** @param  array<string, Route>  $routes */
    public static function why(Visit $visit, array $routes, Prices $prices): Unplanned
    {
        $nearest = new Unplanned($visit, Refusal::NoCrew, null);
        foreach ($routes as $route) {
            $refusal = Route::fits($route->crewDay, $visit);
            if ($refusal === null) {
                foreach (range(0, count($route->visits)) as $position) {
                    $tried = $route->with($visit, $position, $prices)->refusal;
                    $refusal =
                        $tried === null || ($refusal !== null && $tried->nearness() < $refusal->nearness())
                            ? $refusal
                            : $tried;
                }
            }
            if ($refusal !== null && $refusal->nearness() > $nearest->refusal->nearness()) {
                $nearest = new Unplanned($visit, $refusal, $route->crewDay);
            }
        }

        return $nearest;
    }
}
