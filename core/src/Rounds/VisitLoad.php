<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

use Velbrin\Core\Measure\OutOfRange;

/** What a visit takes along, how long, with whom and between which days: the sum over its jobs (S-12, S-55). */
final readonly class VisitLoad
{
    /** Tools, hoses, buckets: in every load, kg. */
    public const TOOLS_KG = 15.0;

    /** What is overdue already is still to be done: within a fortnight. */
    public const LATE_WITHIN_DAYS = 14;

    /** @param  list<string>  $skills */
    private function __construct(
        public float $minutes,
        public float $saltL,
        public float $kg,
        public int $persons,
        public array $skills,
        public int $earliestDay,
        public int $dueDay,
        public int $latestDay,
    ) {
    }

    /**
     * @param  non-empty-list<VisitJob>  $jobs
     * @param  list<float>  $ratios  actual over planned of the last visits there, newest first
     *
     * @throws OutOfRange
     */
    public static function of(array $jobs, int $today, array $ratios = []): self
    {
        $water = fn (VisitJob $j): float => VisitTime::waterMin($j->changeL, $j->hoseLh);
        $minutes = VisitTime::of(
            [...array_map(fn (VisitJob $j): float => $j->minutes, $jobs), ...array_map($water, $jobs)],
            $ratios,
        )->minutes;
        $windows = array_map(fn (VisitJob $j): Window => $j->window->inDays(), $jobs);
        $due = min(array_map(fn (Window $w): float => $w->dueDay, $windows));
        $latest = min(array_map(fn (Window $w): float => $w->latestDay, $windows));

        // No job of it too early, as far as the first that is due can wait for it; what is overdue waits for nothing.
        $waits = $latest < $today ? 0 : NextVisit::WAITS_DAYS;
        $earliest = (int) min(
            max($due, $today) + $waits,
            max($latest, $today),
            max(array_map(fn (Window $w): float => $w->earliestDay, $windows)),
        );

        return new self(
            minutes: $minutes,
            saltL: array_sum(array_map(fn (VisitJob $j): float => $j->bringsWater ? $j->changeL : 0.0, $jobs)),
            kg: self::TOOLS_KG + array_sum(array_map(fn (VisitJob $j): float => $j->kg, $jobs)),
            persons: max(array_map(fn (VisitJob $j): int => $j->persons, $jobs)),
            skills: array_values(array_unique(array_filter(array_map(fn (VisitJob $j): ?string => $j->skill, $jobs)))),
            earliestDay: $earliest,
            dueDay: (int) $due,
            // Nobody drives at a weekend: what would be overdue on it is still in time on the Monday.
            latestDay: (int) max($earliest, $latest < $today ? $today + self::LATE_WITHIN_DAYS : Weekday::overWeekend($latest)),
        );
    }
}
