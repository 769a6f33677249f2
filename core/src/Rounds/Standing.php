<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/**
 * Who stands where while a week is solved: routes, neighbours and work, kept in step with each other. What a place costs is asked
 * here; which place is taken is decided elsewhere.
 */
final class Standing
{
    /** A saving below this, in minutes, is noise of floating numbers. */
    public const BETTER = 1e-6;

    /** @var array<string, Route> */
    public array $routes;

    /** @var array<int, Visit> */
    public array $visits = [];

    /** @var array<int, list<int>> */
    public array $neighbours = [];

    /** @var array<int, string> where a placed visit stands */
    public array $where = [];

    /** @var array<int, list<string>> crew days that could take a visit at all */
    public array $may = [];

    /** @var array<int, array<string, int>> placed neighbours of a visit, by where they stand */
    public array $near = [];

    /** @var array<int, int> placed neighbours of a visit */
    public array $nearAll = [];

    /** Minutes of work in all crew days. */
    public float $totalMin = 0;

    public readonly Prices $prices;

    /** @param  list<Visit>  $open  without a place yet */
    public function __construct(Week $week, array $open)
    {
        $this->prices = $week->prices;
        $this->routes = $week->routes;
        foreach ($week->routes as $route) {
            foreach ($route->visits as $visit) {
                $this->visits[$visit->id] = $visit;
            }
        }
        foreach ($open as $visit) {
            $this->visits[$visit->id] = $visit;
        }
        $this->meetNeighbours();
        foreach ($this->visits as $id => $visit) {
            $this->may[$id] = array_values(
                array_filter(
                    array_keys($week->routes),
                    fn (string $key): bool => Route::fits($week->routes[$key]->crewDay, $visit) === null,
                ),
            );
        }
        foreach ($week->routes as $key => $route) {
            foreach ($route->visits as $visit) {
                $this->stand($visit->id, $key);
            }
        }
    }

    /** The visit stands in that crew day from now on; nowhere when there is none. */
    public function stand(int $id, ?string $key): void
    {
        $was = $this->where[$id] ?? null;
        foreach ($this->neighbours[$id] ?? [] as $other) {
            if ($was !== null) {
                $this->near[$other][$was]--;
                $this->nearAll[$other]--;
            }
            if ($key !== null) {
                $this->near[$other][$key] = ($this->near[$other][$key] ?? 0) + 1;
                $this->nearAll[$other] = ($this->nearAll[$other] ?? 0) + 1;
            }
        }
        $this->totalMin += $this->visits[$id]->minutes * (($key === null ? 0 : 1) - ($was === null ? 0 : 1));
        if ($key === null) {
            unset($this->where[$id]);
        } else {
            $this->where[$id] = $key;
        }
    }

    /** What a place costs beside its own route: neighbours elsewhere, and work above the mean. */
    public function around(int $id, string $key): float
    {
        $minutes = $this->visits[$id]->minutes;
        $mean = ($this->totalMin + $minutes) / count($this->routes);
        $work = $this->routes[$key]->workMin;

        return $this->prices->splitNeighbours * (($this->nearAll[$id] ?? 0) - ($this->near[$id][$key] ?? 0)) +
            $this->prices->unevenPerMin * (max(0.0, $work + $minutes - $mean) - max(0.0, $work - $mean));
    }

    /**
     * Among crew days the visit may be in.
     *
     * @return array{0: float, 1: int}|null price of the cheapest sound position below a limit, and the position
     */
    public function cheapest(Route $route, Visit $visit, float $below = INF): ?array
    {
        if (
            $route->workMin + $visit->minutes >
            $route->crewDay->endMin - $route->crewDay->startMin + $this->prices->mostOvertimeMin
        ) {
            return null;
        }
        $now = $route->price($this->prices);
        $best = null;
        for ($position = 0, $n = count($route->visits); $position <= $n; $position++) {
            // More at the wheel and nothing else: no place costs less, so most need no timing.
            if (
                $route->leastMore($visit, $position, $this->prices) >=
                ($best === null ? $below : min($below, $best[0])) - self::BETTER
            ) {
                continue;
            }
            $with = $route->with($visit, $position, $this->prices);
            if (
                $with->refusal === null &&
                ($best === null || $with->price($this->prices) - $now < $best[0] - self::BETTER)
            ) {
                $best = [$with->price($this->prices) - $now, $position];
            }
        }

        return $best;
    }

    /** What two crew days cost with all around them; only differences mean anything. */
    public function priceOf(string $a, string $b): float
    {
        $price = $this->routes[$a]->price($this->prices) + $this->routes[$b]->price($this->prices);
        foreach ([$a, $b] as $key) {
            foreach ($this->routes[$key]->visits as $visit) {
                foreach ($this->neighbours[$visit->id] ?? [] as $other) {
                    // A pair inside these two days is met from both sides.
                    $inside = isset($this->where[$other]) && in_array($this->where[$other], [$a, $b], true);
                    $price +=
                        isset($this->where[$other]) && $this->where[$other] !== $key
                            ? $this->prices->splitNeighbours * ($inside ? 0.5 : 1)
                            : 0.0;
                }
            }
        }

        return $price + Week::unevenOf(array_map(fn (Route $r): float => $r->workMin, $this->routes), $this->prices);
    }

    /** Minutes a crew day could still take, its ways not counted. */
    public function spareMin(Route $route): float
    {
        return $route->crewDay->endMin - $route->crewDay->startMin + $this->prices->mostOvertimeMin - $route->workMin;
    }

    private function meetNeighbours(): void
    {
        $all = array_values($this->visits);
        usort($all, fn (Visit $a, Visit $b): int => $a->spot->lat <=> $b->spot->lat);
        // A degree of latitude is 111 km: beyond that in latitude alone nobody is a neighbour.
        $reach = $this->prices->neighbourKm / 111 + 1e-6;
        foreach ($all as $i => $a) {
            for ($j = $i + 1, $n = count($all); $j < $n && $all[$j]->spot->lat - $a->spot->lat <= $reach; $j++) {
                if ($a->spot->kmTo($all[$j]->spot) < $this->prices->neighbourKm) {
                    $this->neighbours[$a->id][] = $all[$j]->id;
                    $this->neighbours[$all[$j]->id][] = $a->id;
                }
            }
        }
    }
}
