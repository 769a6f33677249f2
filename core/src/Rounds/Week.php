<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** Crews' days with their visits, as planned. Immutable; a change gives another week. */
final readonly class Week
{
    /** @param  array<string, Route>  $routes  by crew day */
    private function __construct(public array $routes, public Prices $prices)
    {
    }

    /**
     * @param  list<CrewDay>  $days
     * @param  array<string, list<Visit>>  $placed  in order, by crew day
     */
    public static function of(array $days, array $placed = [], Prices $prices = new Prices()): self
    {
        $routes = [];
        foreach ($days as $day) {
            $routes[$day->key()] = Route::of($day, $placed[$day->key()] ?? [], $prices);
        }

        return new self($routes, $prices);
    }

    public function withRoute(Route ...$changed): self
    {
        $routes = $this->routes;
        foreach ($changed as $route) {
            $routes[$route->crewDay->key()] = $route;
        }

        return new self($routes, $this->prices);
    }

    /** The crew day a visit stands in. */
    public function where(int $visitId): ?string
    {
        foreach ($this->routes as $key => $route) {
            foreach ($route->visits as $visit) {
                if ($visit->id === $visitId) {
                    return $key;
                }
            }
        }

        return null;
    }

    /** Everything soft, in minutes (S-20). */
    public function price(): float
    {
        $price = 0.0;
        foreach ($this->routes as $route) {
            $price += $route->price($this->prices);
        }

        return $price + $this->uneven() + $this->split();
    }

    /** Work above the mean of all crews' days. */
    public function uneven(): float
    {
        return self::unevenOf(array_map(fn (Route $r): float => $r->workMin, $this->routes), $this->prices);
    }

    /** @param  array<array-key, float>  $workMin */
    public static function unevenOf(array $workMin, Prices $prices): float
    {
        $mean = $workMin === [] ? 0.0 : array_sum($workMin) / count($workMin);

        return $prices->unevenPerMin * array_sum(array_map(fn (float $w): float => max(0.0, $w - $mean), $workMin));
    }

    /** Neighbours that are not visited on one tour. */
    public function split(): float
    {
        $where = $visits = [];
        foreach ($this->routes as $key => $route) {
            foreach ($route->visits as $visit) {
                $where[] = $key;
                $visits[] = $visit;
            }
        }
        $pairs = 0;
        foreach ($visits as $i => $a) {
            for ($j = $i + 1, $n = count($visits); $j < $n; $j++) {
                $pairs +=
                    $where[$i] !== $where[$j] && $a->spot->kmTo($visits[$j]->spot) < $this->prices->neighbourKm ? 1 : 0;
            }
        }

        return $this->prices->splitNeighbours * $pairs;
    }

    public function isSound(): bool
    {
        foreach ($this->routes as $route) {
            if ($route->refusal !== null) {
                return false;
            }
        }

        return true;
    }
}
