<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** From when, when, and until when a thing is to be done. Days on one calendar. */
final readonly class Window
{
    public function __construct(public float $earliestDay, public float $dueDay, public float $latestDay)
    {
    }

    public function at(float $day): Due
    {
        return match (true) {
            $day > $this->latestDay => Due::Overdue,
            $day >= $this->dueDay => Due::Due,
            $day >= $this->earliestDay => Due::MayBeDone,
            default => Due::Early,
        };
    }

    public function rides(float $day): bool
    {
        return $day >= $this->earliestDay;
    }

    /** The days of a calendar inside it: not a day too early, not a day past its latest; at least one day wide. */
    public function inDays(): self
    {
        $earliest = ceil($this->earliestDay - 1e-9);
        $due = max($earliest, floor($this->dueDay + 1e-9));

        return new self($earliest, $due, max($due, floor($this->latestDay + 1e-9)));
    }
}
