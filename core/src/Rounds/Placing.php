<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** The visit that would lose most by waiting is placed first, where it costs least (S-21). */
final class Placing
{
    /** The second choice of a visit that has none. */
    private const NO_CHOICE = 100_000.0;

    /** Open visits by crew days from which on best places are remembered, and how many placings they may be old. */
    private const LARGE = 20_000;

    private const REFRESH = 50;

    /** From so many on, a visit remembers so many of its places, so that a whole fleet fits into memory. */
    private const VAST = 200_000;

    private const REMEMBERED = 40;

    /** The mean of all work moves a little with each placing; within this many minutes of price it is asked anew. */
    private const STALE = 2.0;

    private readonly bool $isVast;

    public function __construct(private readonly Standing $at, private readonly Pace $pace, int $open)
    {
        $this->isVast = $open * count($at->routes) > self::VAST;
    }

    /**
     * @param  list<int>  $ids
     * @param  float|null  $share  of all the work; null: it is told elsewhere
     * @return list<int> those without a place
     */
    public function insertAll(array $ids, ?float $share = null): array
    {
        /** @var array<int, array<string, array{0: float, 1: int}>> $best cheapest place in each crew day */
        $best = [];
        $open = [];
        foreach ($ids as $id) {
            $open[$id] = true;
            $best[$id] = $this->places($id);
            $this->pace->tell($share === null ? Insertion::INSERTING : (0.3 * $share * count($open)) / count($ids));
        }
        // Each visit's two best places, asked anew only where the last placing could have changed them; in a small week, always.
        $large = count($open) * count($this->at->routes) > self::LARGE;
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
                    $regret > $chosen[0] + Standing::BETTER ||
                    (abs($regret - $chosen[0]) <= Standing::BETTER && $id < $chosen[1])
                ) {
                    $chosen = [$regret, $id, $key];
                }
            }
            if ($chosen === null) {
                break;
            }
            [, $id, $key] = $chosen;
            $this->pace->tell($share === null ? Insertion::INSERTING : $share * (0.3 + (0.7 * $round) / count($ids)));
            $this->at->routes[$key] = $this->at->routes[$key]->with($this->at->visits[$id], $best[$id][$key][1], $this->at->prices);
            $this->at->stand($id, $key);
            unset($open[$id]);
            foreach ($this->at->neighbours[$id] ?? [] as $near) {
                unset($known[$near]);
            }
            foreach (array_keys($open) as $other) {
                if (isset($best[$other][$key])) {
                    $place = $this->at->cheapest($this->at->routes[$key], $this->at->visits[$other]);
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
                            min($before, $place[0] ?? INF) + $this->at->around($other, $key) <= $second + self::STALE)
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
        foreach ($this->at->may[$id] as $key) {
            $place = $this->at->cheapest($this->at->routes[$key], $this->at->visits[$id]);
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
        $minutes = $this->at->visits[$id]->minutes;
        $mean = ($this->at->totalMin + $minutes) / count($this->at->routes);
        $near = $this->at->near[$id] ?? [];
        $nearAll = $this->at->nearAll[$id] ?? 0;
        foreach ($places as $key => [$price]) {
            $work = $this->at->routes[$key]->workMin;
            $uneven =
                ($work + $minutes > $mean ? $work + $minutes - $mean : 0.0) - ($work > $mean ? $work - $mean : 0.0);
            $all =
                $price +
                $this->at->prices->splitNeighbours * ($nearAll - ($near[$key] ?? 0)) +
                $this->at->prices->unevenPerMin * $uneven;
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
}
