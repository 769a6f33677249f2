<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency\Storm;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Rounds\Spot;

/**
 * Few hands, few batteries: who goes where in which order so that the least is lost (E-5). Each system is put where it adds least loss,
 * then orders are exchanged until nothing gets better. People first. What cannot be reached is named.
 */
final readonly class Route
{
    /** Where nobody put a place on the map, minutes. */
    private const UNKNOWN_MIN = 45.0;

    /**
     * @param  list<list<array{id: string, arrivesH: float, inTime: bool}>>  $crews  stops of each, in order
     * @param  list<string>  $unmet  ids nobody reaches in time, or for whom nothing is left to bring
     */
    private function __construct(public array $crews, public array $unmet, public float $loss)
    {
    }

    /**
     * @param  list<Exposed>  $exposed
     * @param  list<Spot|null>  $crews  where each stands now
     * @param  array<string, int>  $stock  how many of each aid there are
     *
     * @throws OutOfRange
     */
    public static function of(array $exposed, array $crews, array $stock, float $leaveH = 0.0): self
    {
        Guard::notNegative('leaveH', $leaveH);
        $hurt = array_values(array_filter($exposed, fn (Exposed $e): bool => $e->harmH !== null || $e->isPeople));
        usort($hurt, fn (Exposed $a, Exposed $b): int => [! $a->isPeople, $a->deadlineH() ?? INF, -$a->loss, $a->id]
            <=> [! $b->isPeople, $b->deadlineH() ?? INF, -$b->loss, $b->id]);
        $routes = array_fill(0, count($crews), []);
        $left = $stock;
        $unmet = [];
        foreach ($hurt as $one) {
            $aid = $one->needs->value;
            if ($one->needs !== Aid::Hands && ($left[$aid] ?? 0) < 1) {
                $unmet[] = $one;

                continue;
            }
            $best = self::place($one, $routes, $crews, $leaveH);
            if ($best === null) {
                $unmet[] = $one;

                continue;
            }
            $routes = $best;
            if ($one->needs !== Aid::Hands) {
                $left[$aid]--;
            }
        }
        $routes = self::exchanged($routes, $crews, $leaveH);

        return self::told($routes, $crews, $unmet, $leaveH);
    }

    /**
     * Where it adds the least loss; null: nowhere in time, but for people, who are gone to all the same.
     *
     * @param  list<list<Exposed>>  $routes
     * @param  list<Spot|null>  $crews
     * @return list<list<Exposed>>|null
     */
    private static function place(Exposed $one, array $routes, array $crews, float $leaveH): ?array
    {
        $best = null;
        $least = [INF, INF];
        $before = self::lossOf($routes, $crews, $leaveH);
        foreach ($routes as $c => $route) {
            for ($at = 0; $at <= count($route); $at++) {
                $tried = $routes;
                $tried[$c] = [...array_slice($route, 0, $at), $one, ...array_slice($route, $at)];
                $score = [self::lossOf($tried, $crews, $leaveH), self::hoursOf($tried[$c], $crews[$c], $leaveH)];
                if ($score < $least) {
                    $least = $score;
                    $best = $tried;
                }
            }
        }
        $isWorth = $least[0] < $before + ($one->isPeople ? INF : $one->loss);

        return $isWorth ? $best : null;
    }

    /**
     * @param  list<list<Exposed>>  $routes
     * @param  list<Spot|null>  $crews
     * @return list<list<Exposed>>
     */
    private static function exchanged(array $routes, array $crews, float $leaveH): array
    {
        do {
            $isBetter = false;
            $loss = self::lossOf($routes, $crews, $leaveH);
            foreach ($routes as $c => $route) {
                for ($i = 0; $i < count($route) - 1; $i++) {
                    if ($route[$i]->isPeople !== $route[$i + 1]->isPeople) {
                        continue;
                    }
                    $tried = $routes;
                    $swapped = [$route[$i + 1], $route[$i]];
                    $tried[$c] = [...array_slice($route, 0, $i), ...$swapped, ...array_slice($route, $i + 2)];
                    $now = self::lossOf($tried, $crews, $leaveH);
                    if ($now < $loss - 1e-9) {
                        $routes = $tried;
                        $loss = $now;
                        $isBetter = true;
                        $route = $routes[$c];
                    }
                }
            }
        } while ($isBetter);

        return array_map(array_values(...), $routes);
    }

    /**
     * @param  list<list<Exposed>>  $routes
     * @param  list<Spot|null>  $crews
     */
    private static function lossOf(array $routes, array $crews, float $leaveH): float
    {
        $loss = 0.0;
        foreach ($routes as $c => $route) {
            foreach (self::arrivals($route, $crews[$c], $leaveH) as $i => $at) {
                $loss += $at > ($route[$i]->deadlineH() ?? INF) ? $route[$i]->loss : 0.0;
            }
        }

        return $loss;
    }

    /** @param  list<Exposed>  $route */
    private static function hoursOf(array $route, ?Spot $from, float $leaveH): float
    {
        $arrivals = self::arrivals($route, $from, $leaveH);

        return $arrivals === [] ? $leaveH : max($arrivals);
    }

    /**
     * @param  list<Exposed>  $route
     * @return list<float> hours
     */
    private static function arrivals(array $route, ?Spot $from, float $leaveH): array
    {
        $at = $leaveH;
        $arrivals = [];
        foreach ($route as $stop) {
            $minutes = $from === null || $stop->spot === null
                ? self::UNKNOWN_MIN
                : $from->minutesTo($stop->spot) + Spot::PARKING_MIN;
            $at += $minutes / 60;
            $arrivals[] = $at;
            $at += $stop->fixMin / 60;
            $from = $stop->spot ?? $from;
        }

        return $arrivals;
    }

    /**
     * @param  list<list<Exposed>>  $routes
     * @param  list<Spot|null>  $crews
     * @param  list<Exposed>  $unmet
     */
    private static function told(array $routes, array $crews, array $unmet, float $leaveH): self
    {
        $loss = array_sum(array_map(fn (Exposed $e): float => $e->loss, $unmet));
        $told = [];
        $late = [];
        foreach ($routes as $c => $route) {
            $stops = [];
            foreach (self::arrivals($route, $crews[$c], $leaveH) as $i => $at) {
                $inTime = $at <= ($route[$i]->deadlineH() ?? INF);
                $stops[] = ['id' => $route[$i]->id, 'arrivesH' => $at, 'inTime' => $inTime];
                if (! $inTime) {
                    $loss += $route[$i]->loss;
                    $late[] = $route[$i]->id;
                }
            }
            $told[] = $stops;
        }

        return new self($told, [...array_map(fn (Exposed $e): string => $e->id, $unmet), ...$late], $loss);
    }
}
