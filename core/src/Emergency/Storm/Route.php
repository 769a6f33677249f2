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
    /** One store for all, where nobody keeps them apart. */
    private const STORE = '';

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
        return self::from($exposed, self::ofOneStore($crews), [self::STORE => $stock], $leaveH);
    }

    /**
     * The same, each crew with what its own van and its own depot hold.
     *
     * @param  list<Exposed>  $exposed
     * @param  list<StormCrew>  $crews
     * @param  array<string, array<string, int>>  $depots  how many of each aid lie in each
     *
     * @throws OutOfRange
     */
    public static function from(array $exposed, array $crews, array $depots, float $leaveH = 0.0): self
    {
        Guard::notNegative('leaveH', $leaveH);

        return self::planned($exposed, $crews, $depots, $leaveH, false);
    }

    /**
     * @param  list<Spot|null>  $spots
     * @return list<StormCrew>
     */
    private static function ofOneStore(array $spots): array
    {
        return array_map(fn (?Spot $s): StormCrew => new StormCrew($s, depot: self::STORE), $spots);
    }

    /**
     * Whether all are reached in time; ends with the first nobody reaches.
     *
     * @param  list<Exposed>  $exposed
     * @param  list<Spot|null>  $crews
     * @param  array<string, int>  $stock
     *
     * @throws OutOfRange
     */
    public static function reachesAll(array $exposed, array $crews, array $stock, float $leaveH = 0.0): bool
    {
        Guard::notNegative('leaveH', $leaveH);

        return self::planned($exposed, self::ofOneStore($crews), [self::STORE => $stock], $leaveH, true)->unmet === [];
    }

    /**
     * @param  list<Exposed>  $exposed
     * @param  list<StormCrew>  $crews
     * @param  array<string, array<string, int>>  $depots
     */
    private static function planned(array $exposed, array $crews, array $depots, float $leaveH, bool $endsWithUnmet): self
    {
        $hurt = array_values(array_filter($exposed, fn (Exposed $e): bool => $e->harmH !== null || $e->isPeople));
        usort($hurt, fn (Exposed $a, Exposed $b): int => [! $a->isPeople, $a->deadlineH() ?? INF, -$a->loss, $a->id]
            <=> [! $b->isPeople, $b->deadlineH() ?? INF, -$b->loss, $b->id]);
        $routes = array_fill(0, count($crews), []);
        $vans = array_map(fn (StormCrew $c): array => $c->carries, $crews);
        $unmet = [];
        foreach ($hurt as $one) {
            if ($endsWithUnmet && $unmet !== []) {
                break;
            }
            $aid = $one->needs->value;
            $isHands = $one->needs === Aid::Hands;
            $can = array_filter(
                $crews,
                fn (StormCrew $crew, int $c): bool => $isHands || ($vans[$c][$aid] ?? 0) + ($depots[$crew->depot][$aid] ?? 0) > 0,
                ARRAY_FILTER_USE_BOTH,
            );
            $best = self::place($one, array_intersect_key($routes, $can), $can, $leaveH);
            if ($best === null) {
                $unmet[] = $one;

                continue;
            }
            [$c, $routes[$c]] = $best;
            if ($isHands) {
                continue;
            }
            if (($vans[$c][$aid] ?? 0) > 0) {
                $vans[$c][$aid]--;
            } else {
                $depots[(string) $crews[$c]->depot][$aid]--;
            }
        }
        $routes = self::exchanged($routes, $crews, $leaveH);

        return self::told($routes, $crews, $unmet, $leaveH);
    }

    /**
     * Where it adds the least loss; null: nowhere in time, but for people, who are gone to all the same.
     *
     * @param  array<int, list<Exposed>>  $routes
     * @param  array<int, StormCrew>  $crews  that have what it needs
     * @return array{0: int, 1: list<Exposed>}|null whose stops, and in which order now
     */
    private static function place(Exposed $one, array $routes, array $crews, float $leaveH): ?array
    {
        $best = null;
        $least = [INF, INF];
        foreach ($routes as $c => $route) {
            // Only this crew's stops change: what the others lose stays as it is.
            $tour = new Tour($route, $crews[$c], $leaveH);
            for ($at = 0; $at <= count($route); $at++) {
                // Before people nobody goes anywhere else, also where they are late already.
                if (! $one->isPeople && ($route[$at] ?? $one)->isPeople) {
                    continue;
                }
                $tried = $tour->with($one, $at);
                if ($tried < $least) {
                    $least = $tried;
                    $best = [$c, [...array_slice($route, 0, $at), $one, ...array_slice($route, $at)]];
                }
            }
        }
        $isWorth = $least[0] < ($one->isPeople ? INF : $one->loss);

        return $isWorth ? $best : null;
    }

    /**
     * @param  list<list<Exposed>>  $routes
     * @param  list<StormCrew>  $crews
     * @return list<list<Exposed>>
     */
    private static function exchanged(array $routes, array $crews, float $leaveH): array
    {
        do {
            $isBetter = false;
            foreach ($routes as $c => $route) {
                $loss = (new Tour($route, $crews[$c], $leaveH))->loss;
                for ($i = 0; $i < count($route) - 1; $i++) {
                    if ($route[$i]->isPeople !== $route[$i + 1]->isPeople) {
                        continue;
                    }
                    $tried = [...array_slice($route, 0, $i), $route[$i + 1], $route[$i], ...array_slice($route, $i + 2)];
                    $now = (new Tour($tried, $crews[$c], $leaveH))->loss;
                    if ($now < $loss - 1e-9) {
                        $route = $tried;
                        $loss = $now;
                        $isBetter = true;
                    }
                }
                $routes[$c] = $route;
            }
        } while ($isBetter);

        return array_map(array_values(...), $routes);
    }

    /**
     * @param  list<list<Exposed>>  $routes
     * @param  list<StormCrew>  $crews
     * @param  list<Exposed>  $unmet
     */
    private static function told(array $routes, array $crews, array $unmet, float $leaveH): self
    {
        $loss = array_sum(array_map(fn (Exposed $e): float => $e->loss, $unmet));
        $told = [];
        $late = [];
        foreach ($routes as $c => $route) {
            $tour = new Tour($route, $crews[$c], $leaveH);
            $stops = [];
            foreach ($tour->arrivesH as $i => $at) {
                $inTime = $tour->isInTime($i);
                $stops[] = ['id' => $route[$i]->id, 'arrivesH' => $at, 'inTime' => $inTime];
                if (! $inTime) {
                    $late[] = $route[$i]->id;
                }
            }
            $loss += $tour->loss;
            $told[] = $stops;
        }

        return new self($told, [...array_map(fn (Exposed $e): string => $e->id, $unmet), ...$late], $loss);
    }
}
