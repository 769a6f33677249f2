<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** Messy jobs keep off the days before something the client holds (X-12). Days on one calendar. */
final readonly class KeepsClear
{
    /** @param  float  $clearDays  not negative: kept off on so many days before it, and on the day itself */
    public function __construct(public float $day, public float $clearDays)
    {
    }

    public function forbids(float $day): bool
    {
        return $day >= $this->day - $this->clearDays && $day <= $this->day;
    }

    /**
     * The window a messy job has left: before the days kept clear where it may be done by then, after them otherwise.
     *
     * @param  list<self>  $events
     */
    public static function window(Window $window, float $today, array $events): Window
    {
        usort($events, fn (self $a, self $b): int => $a->day <=> $b->day);
        foreach ($events as $event) {
            $window = $event->around($window, $today);
        }

        return $window;
    }

    private function around(Window $window, float $today): Window
    {
        $last = $this->day - $this->clearDays - 1;
        $next = $this->day + 1;
        $due = max($window->dueDay, $today);
        if (! $this->forbids($due)) {
            $latest = $this->forbids($window->latestDay) && $due <= $last ? $last : $window->latestDay;
            $earliest = $this->forbids($window->earliestDay) && $due >= $next ? $next : $window->earliestDay;

            return new Window($earliest, $window->dueDay, $latest);
        }
        if (max($window->earliestDay, $today) <= $last) {
            return new Window($window->earliestDay, min($window->dueDay, $last), $last);
        }

        return new Window($next, $next, $next + max(0.0, $window->latestDay - $window->dueDay));
    }
}
