<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Day;

/** One thing that was said, for ever: what is the case is folded from them. */
final readonly class Event
{
    /**
     * @param  float  $atMin  from the beginning of the day’s work, by the clock of whoever said it
     * @param  string|null  $of  the step, the box or the gate
     * @param  float|null  $value  °C of a reading, a count, minutes it still takes
     * @param  string|null  $words  of a gate: yes, reason or plan-b comes first
     */
    public function __construct(
        public string $id,
        public EventKind $kind,
        public float $atMin,
        public ?string $of = null,
        public ?float $value = null,
        public ?string $words = null,
    ) {
    }
}
