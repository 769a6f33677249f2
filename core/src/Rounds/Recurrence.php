<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** What follows when a task is done (X-40). */
final readonly class Recurrence
{
    /**
     * @param  list<string>  $turns  alternating: what is done in turn; by portion: the portions
     */
    public function __construct(
        public Interval $interval,
        public array $turns = [],
        /** For a while only: no further one from that day on. */
        public ?float $untilDay = null,
    ) {
    }

    /** @return array{0: Window|null, 1: int} the next window, null when it ends; and whose turn it is then */
    public function after(float $doneDay, int $turn = 0): array
    {
        $window = $this->interval->after($doneDay);
        $ends = $this->untilDay !== null && $window->dueDay > $this->untilDay;

        return [$ends ? null : $window, $this->turns === [] ? 0 : ($turn + 1) % count($this->turns)];
    }
}
