<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\House\Days;
use App\Rounds\WeekReader;
use Velbrin\Core\Rounds\Unplanned;
use Velbrin\Core\Rounds\Week;

/** One visit of somebody who is ill: where it stood, where it would go. */
final readonly class SickVisitView
{
    private function __construct(
        public int $id,
        public string $place,
        public string $client,
        public string $was,
        public ?string $becomes,
        public ?string $why,
        public ?string $knows,
    ) {
    }

    /** @param  list<Unplanned>  $left */
    public static function of(WeekReader $reader, int $id, Week $week, array $left): self
    {
        $visit = $reader->visits[$id] ?? throw new \LogicException("visit {$id} is not of this week");
        $why = null;
        foreach ($left as $one) {
            $why = $one->visit->id === $id ? $one->refusal->words() : $why;
        }

        return new self(
            $id,
            $visit->place,
            $visit->client,
            self::say($reader, (int) $visit->plannedDay, $visit->startMin, $visit->crewId),
            self::becomes($reader, $id, $week),
            $why,
            $visit->knows,
        );
    }

    /** The same in a later week, where it may find what it did not in its own. */
    public function in(WeekReader $reader, Week $week): self
    {
        $becomes = self::becomes($reader, $this->id, $week);

        return $becomes === null
            ? $this
            : new self($this->id, $this->place, $this->client, $this->was, $becomes, null, $this->knows);
    }

    private static function becomes(WeekReader $reader, int $id, Week $week): ?string
    {
        $key = $week->where($id);
        if ($key === null) {
            return null;
        }
        $route = $week->routes[$key];
        foreach ($route->visits as $i => $one) {
            if ($one->id === $id) {
                return self::say($reader, $route->crewDay->day, $route->startsMin[$i], $route->crewDay->crew);
            }
        }

        return null;
    }

    private static function say(WeekReader $reader, int $day, ?float $minute, ?int $crew): string
    {
        return Days::date($day)->format('D j M').
            ($minute === null ? '' : ' '.Days::clock($minute)).
            ', '.
            ($reader->crews->firstWhere('id', $crew)->name ?? 'nobody');
    }
}
