<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Rounds\Days;
use App\Rounds\WeekReader;
use Velbrin\Core\Rounds\Unplanned;
use Velbrin\Core\Rounds\Week;

/** One visit of somebody who is ill: where it stood, where it would go. */
final readonly class SickVisitView
{
    private function __construct(public int $id, public string $place, public string $client, public string $was, public ?string $becomes, public ?string $why)
    {
    }

    /** @param  list<Unplanned>  $left */
    public static function of(WeekReader $reader, int $id, Week $week, array $left): self
    {
        $visit = $reader->visits[$id] ?? throw new \LogicException("visit {$id} is not of this week");
        $say = fn (int $day, ?float $minute, ?int $crew): string => Days::date($day)->format('D j M').($minute === null ? '' : ' '.Days::clock($minute)).', '.($reader->crews->firstWhere('id', $crew)->name ?? 'nobody');
        $key = $week->where($id);
        $becomes = null;
        if ($key !== null) {
            $route = $week->routes[$key];
            foreach ($route->visits as $i => $one) {
                $becomes = $one->id === $id ? $say($route->crewDay->day, $route->startsMin[$i], $route->crewDay->crew) : $becomes;
            }
        }
        $why = null;
        foreach ($left as $one) {
            $why = $one->visit->id === $id ? $one->refusal->words() : $why;
        }

        return new self($id, $visit->place, $visit->client, $say((int) $visit->plannedDay, $visit->startMin, $visit->crewId), $becomes, $why);
    }
}
