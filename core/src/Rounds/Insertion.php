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
    /** The second choice of a visit that has none. */
    private const NO_CHOICE = 100_000.0;

    private const BETTER = 1e-6;

    /** Places tried for visits that are pushed out, in a whole plan: a full fleet has more than anybody waits for. */
    private const MOST_PUSHES = 60_000;

    /** The share of all the work that the first placing is. */
    private const INSERTING = 0.7;

    /** Open visits by crew days from which on best places are remembered, and how many placings they may be old. */
    private const LARGE = 20_000;

    private const REFRESH = 50;

    /** From so many on, a visit remembers so many of its places, so that a whole fleet fits into memory. */
    private const VAST = 200_000;

    private const REMEMBERED = 40;

    /** The mean of all work moves a little with each placing; within this many minutes of price it is asked anew. */
    private const STALE = 2.0;

    /** Above this many visits, only relocation is tried: pairs would cost more than they bring. */
    private const SWAP_UP_TO = 60;

    /** @var array<string, Route> */
    private array $routes = [];

    /** @var array<int, Visit> */
    private array $visits = [];

    /** @var array<int, list<int>> */
    private array $neighbours = [];

    /** @var array<int, string> where a placed visit stands */
    private array $where = [];

    /** @var array<int, list<string>> crew days that could take a visit at all */
    private array $may = [];

    /** @var array<int, array<string, int>> placed neighbours of a visit, by where they stand */
    private array $near = [];

    /** @var array<int, int> placed neighbours of a visit */
    private array $nearAll = [];

    /** Minutes of work in all crew days. */
    private float $totalMin = 0;

    private Prices $prices;

    /** @var (Closure(float): void)|null */
    private ?Closure $pace = null;

    private bool $isVast = false;

    private int $pushes = self::MOST_PUSHES;

    /** Share of the work that is done. */
    private float $done = 0.0;

    public function __construct(private readonly int $passes = 4)
    {
        $this->prices = new Prices();
    }

    public function plan(Week $week, array $visits, array $pinned = [], ?Closure $pace = null): WeekPlan
    {
        $this->pace = $pace;
        $this->done = 0.0;
        $this->pushes = self::MOST_PUSHES;
        $this->isVast = count($visits) * count($week->routes) > self::VAST;
        $this->prices = $week->prices;
        $this->routes = $week->routes;
        $this->visits = $this->where = $this->near = $this->nearAll = $this->may = [];
        $this->totalMin = 0;
        foreach ($week->routes as $key => $route) {
            foreach ($route->visits as $visit) {
                $this->visits[$visit->id] = $visit;
            }
        }
        foreach ($visits as $visit) {
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
        $open = $this->insertAll(array_map(fn (Visit $v): int => $v->id, $visits), self::INSERTING);
        $free = array_fill_keys(array_diff(array_keys($this->visits), $pinned), true);
        for ($pass = 0; $pass < $this->passes; $pass++) {
            $before = count($open);
            $this->tell(self::INSERTING + ((1 - self::INSERTING) * $pass) / $this->passes);
            $open = $this->push($open, $free);
            $moved = $this->relocate($free);
            $moved = (count($this->where) <= self::SWAP_UP_TO && $this->swap($free)) || $moved;
            if (! $moved && count($open) === $before) {
                break;
            }
            $open = $this->insertAll($open);
        }

        return new WeekPlan(
            $week->withRoute(...array_values($this->routes)),
            array_map(fn (int $id): Unplanned => self::why($this->visits[$id], $this->routes, $this->prices), $open),
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

    private function tell(float $share): void
    {
        $this->done = max($this->done, $share);
        if ($this->pace !== null) {
            ($this->pace)($this->done);
        }
    }

    /**
     * @param  list<int>  $ids
     * @param  float|null  $share  of all the work; null: it is told elsewhere
     * @return list<int> those without a place
     */
    private function insertAll(array $ids, ?float $share = null): array
    {
        /** @var array<int, array<string, array{0: float, 1: int}>> $best cheapest place in each crew day */
        $best = [];
        $open = [];
        foreach ($ids as $id) {
            $open[$id] = true;
            $best[$id] = $this->places($id);
            $this->tell($share === null ? self::INSERTING : (0.3 * $share * count($open)) / count($ids));
        }
        // Each visit's two best places, asked anew only where the last placing could have changed them; in a small week, always.
        $large = count($open) * count($this->routes) > self::LARGE;
        /** @var array<int, array{0: float, 1: float, 2: string|null}> $known */
        $known = [];
        for ($round = 0; $open !== []; $round++) {
            if (! $large || $round % self::REFRESH === 0) {
                $known = [];
            }
            $chosen = null;
            foreach (array_keys($open) as $id) {
                [$first, $second, $key] = $known[$id] ??= $this->twoBest($id, $best[$id]);
                if ($key === null) {
                    continue;
                }
                $regret = $second - $first;
                if (
                    $chosen === null ||
                    $regret > $chosen[0] + self::BETTER ||
                    (abs($regret - $chosen[0]) <= self::BETTER && $id < $chosen[1])
                ) {
                    $chosen = [$regret, $id, $key];
                }
            }
            if ($chosen === null) {
                break;
            }
            [, $id, $key] = $chosen;
            $this->tell($share === null ? self::INSERTING : $share * (0.3 + (0.7 * $round) / count($ids)));
            $this->routes[$key] = $this->routes[$key]->with($this->visits[$id], $best[$id][$key][1], $this->prices);
            $this->stand($id, $key);
            unset($open[$id]);
            foreach ($this->neighbours[$id] ?? [] as $near) {
                unset($known[$near]);
            }
            foreach (array_keys($open) as $other) {
                if (isset($best[$other][$key])) {
                    $place = $this->cheapest($this->routes[$key], $this->visits[$other]);
                    $before = $best[$other][$key][0];
                    if ($place === null) {
                        unset($best[$other][$key]);
                        // Of very many only the cheapest are remembered: when they are gone, the rest is looked at.
                        $best[$other] = $best[$other] === [] && $this->isVast ? $this->places($other) : $best[$other];
                    } else {
                        $best[$other][$key] = $place;
                    }
                    $second = $known[$other][1] ?? null;
                    if (
                        $second !== null &&
                        (($known[$other][2] ?? null) === $key ||
                            min($before, $place[0] ?? INF) + $this->around($other, $key) <= $second + self::STALE)
                    ) {
                        unset($known[$other]);
                    }
                }
            }
        }

        return array_keys($open);
    }

    /** @return array<string, array{0: float, 1: int}> price and position in each crew day that can take it; in a vast week, the cheapest */
    private function places(int $id): array
    {
        $places = [];
        foreach ($this->may[$id] as $key) {
            $place = $this->cheapest($this->routes[$key], $this->visits[$id]);
            if ($place !== null) {
                $places[$key] = $place;
            }
        }
        if (! $this->isVast || count($places) <= self::REMEMBERED) {
            return $places;
        }
        uasort($places, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_slice($places, 0, self::REMEMBERED, true);
    }

    /**
     * @param  array<string, array{0: float, 1: int}>  $places
     * @return array{0: float, 1: float, 2: string|null} cheapest, next cheapest, where
     */
    private function twoBest(int $id, array $places): array
    {
        $first = INF;
        $second = self::NO_CHOICE;
        $where = null;
        if ($places === []) {
            return [$first, $second, $where];
        }
        // As in around(), written out: this is asked for every open visit after every placing.
        $minutes = $this->visits[$id]->minutes;
        $mean = ($this->totalMin + $minutes) / count($this->routes);
        $near = $this->near[$id] ?? [];
        $nearAll = $this->nearAll[$id] ?? 0;
        foreach ($places as $key => [$price]) {
            $work = $this->routes[$key]->workMin;
            $uneven =
                ($work + $minutes > $mean ? $work + $minutes - $mean : 0.0) - ($work > $mean ? $work - $mean : 0.0);
            $all =
                $price +
                $this->prices->splitNeighbours * ($nearAll - ($near[$key] ?? 0)) +
                $this->prices->unevenPerMin * $uneven;
            if ($all < $first) {
                $second = min($second, $first);
                $first = $all;
                $where = $key;
            } elseif ($all < $second) {
                $second = $all;
            }
        }

        return [$first, $second, $where];
    }

    /** What a place costs beside its own route: neighbours elsewhere, and work above the mean. */
    private function around(int $id, string $key): float
    {
        $minutes = $this->visits[$id]->minutes;
        $mean = ($this->totalMin + $minutes) / count($this->routes);
        $work = $this->routes[$key]->workMin;

        return $this->prices->splitNeighbours * (($this->nearAll[$id] ?? 0) - ($this->near[$id][$key] ?? 0)) +
            $this->prices->unevenPerMin * (max(0.0, $work + $minutes - $mean) - max(0.0, $work - $mean));
    }

    /** The visit stands in that crew day from now on; nowhere when there is none. */
    private function stand(int $id, ?string $key): void
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

    /**
     * Among crew days the visit may be in.
     *
     * @return array{0: float, 1: int}|null price of the cheapest sound position below a limit, and the position
     */
    private function cheapest(Route $route, Visit $visit, float $below = INF): ?array
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

    /**
     * Each visit is taken out and put where it now costs least.
     *
     * @param  array<int, true>  $free
     */
    private function relocate(array $free): bool
    {
        $moved = false;
        $ids = array_keys($this->where);
        sort($ids);
        foreach ($ids as $id) {
            if (! isset($free[$id])) {
                continue;
            }
            $this->tell(self::INSERTING);
            $home = $this->where[$id];
            $visit = $this->visits[$id];
            $with = $this->routes[$home];
            $without = $with->without($id, $this->prices);
            $this->stand($id, null);
            $this->routes[$home] = $without;
            $stay = $with->price($this->prices) - $without->price($this->prices) + $this->around($id, $home);
            $bestKey = null;
            foreach ($this->may[$id] as $key) {
                $place = $this->cheapest($this->routes[$key], $visit, $stay - $this->around($id, $key));
                if ($place !== null && $stay - self::BETTER > $place[0] + $this->around($id, $key)) {
                    $stay = $place[0] + $this->around($id, $key);
                    $bestKey = [$key, $place[1]];
                }
            }
            if ($bestKey === null) {
                $this->routes[$home] = $with;
                $this->stand($id, $home);
            } else {
                $this->routes[$bestKey[0]] = $this->routes[$bestKey[0]]->with($visit, $bestKey[1], $this->prices);
                $this->stand($id, $bestKey[0]);
                $moved = true;
            }
        }

        return $moved;
    }

    /**
     * Two visits of different crew days change places, each at its cheapest position.
     *
     * @param  array<int, true>  $free
     */
    private function swap(array $free): bool
    {
        $moved = false;
        $ids = array_values(array_intersect(array_keys($this->where), array_keys($free)));
        sort($ids);
        foreach ($ids as $i => $a) {
            foreach (array_slice($ids, $i + 1) as $b) {
                [$ka, $kb] = [$this->where[$a], $this->where[$b]];
                if ($ka === $kb || ! in_array($kb, $this->may[$a], true) || ! in_array($ka, $this->may[$b], true)) {
                    continue;
                }
                $now = $this->priceOf($ka, $kb);
                $keep = $this->routes;
                $this->routes[$ka] = $this->routes[$ka]->without($a, $this->prices);
                $this->routes[$kb] = $this->routes[$kb]->without($b, $this->prices);
                $toB = $this->cheapest($this->routes[$kb], $this->visits[$a]);
                $toA = $this->cheapest($this->routes[$ka], $this->visits[$b]);
                if ($toA !== null && $toB !== null) {
                    $this->routes[$kb] = $this->routes[$kb]->with($this->visits[$a], $toB[1], $this->prices);
                    $this->routes[$ka] = $this->routes[$ka]->with($this->visits[$b], $toA[1], $this->prices);
                    $this->stand($a, $kb);
                    $this->stand($b, $ka);
                    if ($this->priceOf($ka, $kb) < $now - self::BETTER) {
                        $moved = true;

                        continue;
                    }
                    $this->stand($a, $ka);
                    $this->stand($b, $kb);
                }
                $this->routes = $keep;
            }
        }

        return $moved;
    }

    /** What two crew days cost with all around them; only differences mean anything. */
    private function priceOf(string $a, string $b): float
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

    /**
     * A visit without a place takes the one of another that finds a place elsewhere.
     *
     * @param  list<int>  $open
     * @param  array<int, true>  $free
     * @return list<int> those still without a place
     */
    private function push(array $open, array $free): array
    {
        $left = [];
        foreach ($open as $id) {
            if (! $this->pushOne($this->visits[$id], $free)) {
                $left[] = $id;
            }
        }

        return $left;
    }

    /** @param  array<int, true>  $free */
    private function pushOne(Visit $visit, array $free): bool
    {
        foreach ($this->may[$visit->id] as $key) {
            $route = $this->routes[$key];
            $spare = $this->spareMin($route);
            foreach ($route->visits as $out) {
                if ($this->pushes <= 0) {
                    return false;
                }
                if (! isset($free[$out->id]) || $spare + $out->minutes < $visit->minutes || ! $this->finds($out, $key)) {
                    continue;
                }
                $this->pushes--;
                $without = $route->without($out->id, $this->prices);
                $place = $this->cheapest($without, $visit);
                if ($place === null) {
                    continue;
                }
                $this->routes[$key] = $without->with($visit, $place[1], $this->prices);
                if ($this->rehouse($out, $key)) {
                    $this->stand($visit->id, $key);

                    return true;
                }
                $this->routes[$key] = $route;
            }
        }

        return false;
    }

    /** Some other crew day has so many minutes left at all. */
    private function finds(Visit $out, string $but): bool
    {
        foreach ($this->may[$out->id] as $key) {
            if ($key !== $but && $this->spareMin($this->routes[$key]) >= $out->minutes) {
                return true;
            }
        }

        return false;
    }

    /** Puts a visit that was pushed out where there is room for it. */
    private function rehouse(Visit $out, string $from): bool
    {
        foreach ($this->may[$out->id] as $key) {
            $target = $this->routes[$key];
            if ($key !== $from && $this->spareMin($target) < $out->minutes) {
                continue;
            }
            $this->pushes--;
            $home = $this->cheapest($target, $out);
            if ($home !== null) {
                $this->routes[$key] = $target->with($out, $home[1], $this->prices);
                $this->stand($out->id, $key);

                return true;
            }
        }

        return false;
    }

    /** Minutes a crew day could still take, its ways not counted. */
    private function spareMin(Route $route): float
    {
        return $route->crewDay->endMin - $route->crewDay->startMin + $this->prices->mostOvertimeMin - $route->workMin;
    }

    private function meetNeighbours(): void
    {
        $this->neighbours = [];
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
