<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** Placed visits move to where they cost less; one without a place pushes another to a free one. */
final class Moves
{
    /** Places tried for visits that are pushed out, in a whole plan: a full fleet has more than anybody waits for. */
    private const MOST_PUSHES = 60_000;

    private int $pushes = self::MOST_PUSHES;

    /** @param  array<int, true>  $free  visits that may move */
    public function __construct(private readonly Standing $at, private readonly Pace $pace, private readonly array $free)
    {
    }

    /** Each visit is taken out and put where it now costs least. */
    public function relocate(): bool
    {
        $moved = false;
        $ids = array_keys($this->at->where);
        sort($ids);
        foreach ($ids as $id) {
            if (! isset($this->free[$id])) {
                continue;
            }
            $this->pace->tell(Insertion::INSERTING);
            $home = $this->at->where[$id];
            $visit = $this->at->visits[$id];
            $with = $this->at->routes[$home];
            $without = $with->without($id, $this->at->prices);
            $this->at->stand($id, null);
            $this->at->routes[$home] = $without;
            $stay = $with->price($this->at->prices) - $without->price($this->at->prices) + $this->at->around($id, $home);
            $bestKey = null;
            foreach ($this->at->may[$id] as $key) {
                $place = $this->at->cheapest($this->at->routes[$key], $visit, $stay - $this->at->around($id, $key));
                if ($place !== null && $stay - Standing::BETTER > $place[0] + $this->at->around($id, $key)) {
                    $stay = $place[0] + $this->at->around($id, $key);
                    $bestKey = [$key, $place[1]];
                }
            }
            if ($bestKey === null) {
                $this->at->routes[$home] = $with;
                $this->at->stand($id, $home);
            } else {
                $this->at->routes[$bestKey[0]] = $this->at->routes[$bestKey[0]]->with($visit, $bestKey[1], $this->at->prices);
                $this->at->stand($id, $bestKey[0]);
                $moved = true;
            }
        }

        return $moved;
    }

    /** Two visits of different crew days change places, each at its cheapest position. */
    public function swap(): bool
    {
        $moved = false;
        $ids = array_values(array_intersect(array_keys($this->at->where), array_keys($this->free)));
        sort($ids);
        foreach ($ids as $i => $a) {
            foreach (array_slice($ids, $i + 1) as $b) {
                [$ka, $kb] = [$this->at->where[$a], $this->at->where[$b]];
                if ($ka === $kb || ! in_array($kb, $this->at->may[$a], true) || ! in_array($ka, $this->at->may[$b], true)) {
                    continue;
                }
                $now = $this->at->priceOf($ka, $kb);
                $keep = $this->at->routes;
                $this->at->routes[$ka] = $this->at->routes[$ka]->without($a, $this->at->prices);
                $this->at->routes[$kb] = $this->at->routes[$kb]->without($b, $this->at->prices);
                $toB = $this->at->cheapest($this->at->routes[$kb], $this->at->visits[$a]);
                $toA = $this->at->cheapest($this->at->routes[$ka], $this->at->visits[$b]);
                if ($toA !== null && $toB !== null) {
                    $this->at->routes[$kb] = $this->at->routes[$kb]->with($this->at->visits[$a], $toB[1], $this->at->prices);
                    $this->at->routes[$ka] = $this->at->routes[$ka]->with($this->at->visits[$b], $toA[1], $this->at->prices);
                    $this->at->stand($a, $kb);
                    $this->at->stand($b, $ka);
                    if ($this->at->priceOf($ka, $kb) < $now - Standing::BETTER) {
                        $moved = true;

                        continue;
                    }
                    $this->at->stand($a, $ka);
                    $this->at->stand($b, $kb);
                }
                $this->at->routes = $keep;
            }
        }

        return $moved;
    }

    /**
     * A visit without a place takes the one of another that finds a place elsewhere.
     *
     * @param  list<int>  $open
     * @return list<int> those still without a place
     */
    public function push(array $open): array
    {
        $left = [];
        foreach ($open as $id) {
            if (! $this->pushOne($this->at->visits[$id])) {
                $left[] = $id;
            }
        }

        return $left;
    }

    private function pushOne(Visit $visit): bool
    {
        foreach ($this->at->may[$visit->id] as $key) {
            $route = $this->at->routes[$key];
            $spare = $this->at->spareMin($route);
            foreach ($route->visits as $out) {
                if ($this->pushes <= 0) {
                    return false;
                }
                if (! isset($this->free[$out->id]) || $spare + $out->minutes < $visit->minutes || ! $this->finds($out, $key)) {
                    continue;
                }
                $this->pushes--;
                $without = $route->without($out->id, $this->at->prices);
                $place = $this->at->cheapest($without, $visit);
                if ($place === null) {
                    continue;
                }
                $this->at->routes[$key] = $without->with($visit, $place[1], $this->at->prices);
                if ($this->rehouse($out, $key)) {
                    $this->at->stand($visit->id, $key);

                    return true;
                }
                $this->at->routes[$key] = $route;
            }
        }

        return false;
    }

    /** Some other crew day has so many minutes left at all. */
    private function finds(Visit $out, string $but): bool
    {
        foreach ($this->at->may[$out->id] as $key) {
            if ($key !== $but && $this->at->spareMin($this->at->routes[$key]) >= $out->minutes) {
                return true;
            }
        }

        return false;
    }

    /** Puts a visit that was pushed out where there is room for it. */
    private function rehouse(Visit $out, string $from): bool
    {
        foreach ($this->at->may[$out->id] as $key) {
            $target = $this->at->routes[$key];
            if ($key !== $from && $this->at->spareMin($target) < $out->minutes) {
                continue;
            }
            $this->pushes--;
            $home = $this->at->cheapest($target, $out);
            if ($home !== null) {
                $this->at->routes[$key] = $target->with($out, $home[1], $this->at->prices);
                $this->at->stand($out->id, $key);

                return true;
            }
        }

        return false;
    }
}
